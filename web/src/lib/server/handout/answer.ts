import { setPdf, type Document } from './handout';

/** A handout as a file to save. */
export async function pdfAnswer(document: Document, more: string): Promise<Response> {
	const pdf = await setPdf(document);
	const name =
		document.title
			.toLowerCase()
			.normalize('NFKD')
			.replaceAll(/[^a-z0-9]+/g, '-')
			.replaceAll(/^-|-$/g, '') || 'handout';
	return new Response(Buffer.from(pdf), {
		headers: {
			'content-type': 'application/pdf',
			'content-disposition': `attachment; filename="${[name, more].filter(Boolean).join('-')}.pdf"`,
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
