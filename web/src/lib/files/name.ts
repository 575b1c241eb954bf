/** What a file is called after a title: its letters and numbers in any writing, joined by dashes. */

/** Characters of a name, so that every system takes it. */
const MOST = 80;

export const fileStem = (title: string, otherwise: string): string =>
	[
		...title
			.normalize('NFC')
			.toLowerCase()
			.replaceAll(/[^\p{L}\p{M}\p{N}]+/gu, '-'),
	]
		.slice(0, MOST)
		.join('')
		.replaceAll(/^-+|-+$/g, '') || otherwise;

/** The header by which a browser saves an answer under this name, and one of plain letters where it knows no others. */
export function asAttachment(stem: string, ending: string): string {
	const plain = stem.normalize('NFKD').replaceAll(/[^a-z0-9-]+/g, '') || 'file';
	const whole = encodeURIComponent(`${stem}.${ending}`).replaceAll(
		/['()*]/g,
		(c) => `%${c.charCodeAt(0).toString(16)}`,
	);
	return `attachment; filename="${plain}.${ending}"; filename*=UTF-8''${whole}`;
}
