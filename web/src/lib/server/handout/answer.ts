import { asAttachment, fileStem } from '$lib/files/name';
import { setPdf, type Document, type Photos } from './handout';

/** A handout as a file to save. */
export const pdfAnswer = async (document: Document, more: string, photos?: Photos): Promise<Response> =>
	fileAnswer(await setPdf(document, photos), document.title, more);

/** A PDF as a file to save, called after its title. */
export function fileAnswer(pdf: Uint8Array, title: string, more: string): Response {
	const name = fileStem(title, 'handout');
	return new Response(Buffer.from(pdf), {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': asAttachment([name, more].filter(Boolean).join('-'), 'pdf'),
		},
	});
}

/** What sets one printing apart from the usual one, for its file's name. */
export const saidOf = ({
	large,
	hands,
	paper,
}: {
	large: boolean;
	hands?: string | undefined;
	paper: string;
}): string => [large ? 'large' : '', hands ?? '', paper === 'LETTER' ? 'letter' : ''].filter(Boolean).join('-');
