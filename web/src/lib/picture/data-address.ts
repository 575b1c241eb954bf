/** Pictures as addresses that hold all of them, for a page that needs no server. */

async function dataAddress(path: string): Promise<string | undefined> {
	const answer = await fetch(path).catch(() => undefined);
	if (!answer?.ok) return undefined;
	const blob = await answer.blob();
	return new Promise((resolve) => {
		const reader = new FileReader();
		reader.onload = () => resolve(typeof reader.result === 'string' ? reader.result : undefined);
		reader.onerror = () => resolve(undefined);
		reader.readAsDataURL(blob);
	});
}

/** By id; those that are not there are left out. */
export async function picturesAsData(ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
	const pictures = new Map<string, string>();
	for (const id of ids) {
		const src = await dataAddress(`/api/pictures/${id}`);
		if (src !== undefined) pictures.set(id, src);
	}
	return pictures;
}
