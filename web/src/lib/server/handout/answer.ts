import { asAttachment, fileStem } from '$lib/files/name';
import { setPdf, type Document } from './handout';

/** A handout as a file to save. */
export const pdfAnswer = async (document: Document, more: string): Promise<Response> =>
	fileAnswer(await setPdf(document), document.title, more);

/** What a handout's file is called, without its ending: its title, and what sets this printing apart. */
export const titledStem = (title: string, more: string): string =>
	[fileStem(title, 'handout'), more].filter(Boolean).join('-');

/** A PDF as a file to save, called after its title. */
export function fileAnswer(pdf: Uint8Array, title: string, more: string): Response {
	return new Response(Buffer.from(pdf), {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': asAttachment(titledStem(title, more), 'pdf'),
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
