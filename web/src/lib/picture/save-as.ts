/** A drawing as a file. */

export const svgFile = (svg: string): Blob => new Blob([svg], { type: 'image/svg+xml' });

/** A picture of a drawing, twice as sharp as a plain screen. */
export async function pngOf(svg: string, width: number, height: number, scale = 2): Promise<Blob> {
	const url = URL.createObjectURL(svgFile(svg.replace('<svg ', `<svg height="${height}" `)));
	try {
		const image = new Image();
		image.src = url;
		await image.decode();
		const canvas = document.createElement('canvas');
		canvas.width = width * scale;
		canvas.height = height * scale;
		canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
		const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
		if (!blob) throw new Error('The browser made no picture.');
		return blob;
	} finally {
		URL.revokeObjectURL(url);
	}
}
