/** Pictures of pieces: made small and upright, rid of all that a camera writes into them, and kept. */

import { randomUUID } from 'node:crypto';
import sharp, { type Metadata } from 'sharp';
import { database, rows, type Queryable } from './database';
import * as sql from './sql/pictures';
import type { Teacher } from './teachers';

/** Points of the longer side, of what is kept. */
const LONGEST = 1600;
const QUALITY = 82;
/** Points of what is sent, lest a small file unfold into a huge picture. */
const MOST_POINTS = 60_000_000;
const MB = 1024 * 1024;
export const PICTURE_LIMITS = { sent: 8 * MB, many: 200, bytes: 24 * MB } as const;
const FORMATS: readonly string[] = ['jpeg', 'png', 'webp'];

// One at a time, so that pictures never take the processor from pages.
sharp.concurrency(1);
sharp.cache(false);

export interface Picture {
	readonly id: string;
	readonly width: number;
	readonly height: number;
	readonly jpeg: Buffer;
}

export type Small = Omit<Picture, 'id'>;

/** What of a sent file is kept; `undefined` when it is no picture of the kinds that are read. */
export async function madeSmall(sent: Uint8Array): Promise<Small | undefined> {
	try {
		const picture = sharp(sent, { limitInputPixels: MOST_POINTS, failOn: 'error' });
		if (!FORMATS.includes((await picture.metadata()).format)) return undefined;
		const { data, info } = await picture
			.rotate()
			.resize({ width: LONGEST, height: LONGEST, fit: 'inside', withoutEnlargement: true })
			.flatten({ background: '#ffffff' })
			.jpeg({ quality: QUALITY, mozjpeg: true })
			.toBuffer({ resolveWithObject: true });
		return { width: info.width, height: info.height, jpeg: data };
	} catch {
		return undefined;
	}
}

/** A picture out of an account's file: as it is, where it is as they are kept here; else made so. */
export async function readBack(jpeg: Uint8Array): Promise<Small | undefined> {
	const { format, width, height, exif, xmp, iptc } = await sharp(jpeg)
		.metadata()
		.catch(() => ({}) as Partial<Metadata>);
	const isPlain = format === 'jpeg' && !exif && !xmp && !iptc && Math.max(width ?? 0, height ?? 0) <= LONGEST;
	const small = await madeSmall(jpeg);
	return isPlain && small ? { ...small, jpeg: Buffer.from(jpeg) } : small;
}

/** The first letters of a file as phones of one kind keep photographs. */
const isHeic = (sent: Uint8Array): boolean =>
	/^ftyp(heic|heix|mif1|msf1|hevc)/.test(Buffer.from(sent.slice(4, 12)).toString('latin1'));
const heic =
	'This is a HEIC photograph, which most browsers cannot show. Save it as a JPEG and choose that: on an iPhone, Settings, Camera, Formats, Most Compatible.';
const unreadable = 'That file cannot be read as a picture. Choose a JPEG, PNG or WebP file.';
export const tooMany = `At most ${PICTURE_LIMITS.many} pictures and ${PICTURE_LIMITS.bytes / MB} MB of them are kept. Take some out of your lessons or sessions first; a day later their room is free.`;

/** Whether there was room for it. */
export async function putPicture(
	teacher: Teacher,
	{ id, width, height, jpeg }: Picture,
	on: Queryable = database(),
): Promise<boolean> {
	const { many, bytes } = PICTURE_LIMITS;
	return (await rows(on, sql.INSERT, [id, teacher.id, width, height, jpeg, many, bytes])).length > 0;
}

/** Keeps a picture that was sent, or says why not. */
export async function keepPicture(
	teacher: Teacher,
	sent: Uint8Array,
): Promise<Omit<Picture, 'jpeg'> | { readonly says: string }> {
	const small = await madeSmall(sent);
	if (!small) return { says: isHeic(sent) ? heic : unreadable };
	const id = randomUUID();
	const put = (): Promise<boolean> => putPicture(teacher, { id, ...small });
	if (!(await put())) {
		// There may be some that nothing shows any more.
		await database().query(sql.DROP_UNNAMED, [teacher.id]);
		if (!(await put())) return { says: tooMany };
	}
	return { id, width: small.width, height: small.height };
}

/** Of whose pictures of pieces: one person, one evening, or a class. */
export const piecesOf = (
	teacher: Teacher,
	id: string,
	on: Queryable = database(),
): Promise<{ readonly id: string; readonly what: string }[]> => rows(on, sql.OF_PIECES, [teacher.id, id]);

/** Drops those of these that nothing names any more. */
export const dropUnnamed = async (teacher: Teacher, ids: readonly string[], on: Queryable): Promise<void> => {
	if (ids.length > 0) await on.query(sql.DROP_THESE, [teacher.id, ids]);
};

/** Of these ids, those under which the teacher keeps a picture. */
export const standingOf = async (
	teacher: Teacher,
	ids: readonly string[],
	on: Queryable,
): Promise<ReadonlySet<string>> =>
	new Set(
		(await rows<{ id: string; mine: boolean }>(on, sql.STANDING, [teacher.id, ids])).flatMap((s) =>
			s.mine ? [s.id] : [],
		),
	);

export const readPicture = async (teacher: Teacher, id: string): Promise<Picture | undefined> =>
	(await rows<Picture>(database(), sql.READ, [teacher.id, id]))[0];

/** Those of these that the teacher keeps, by id. */
export async function readPictures(
	teacher: Pick<Teacher, 'id'>,
	ids: readonly string[],
): Promise<ReadonlyMap<string, Picture>> {
	if (ids.length === 0) return new Map();
	return new Map((await rows<Picture>(database(), sql.THESE, [teacher.id, ids])).map((p) => [p.id, p]));
}

/** A picture of a lesson that is read by a link. */
export const readSharedPicture = async (token: string, id: string): Promise<Picture | undefined> =>
	(await rows<Picture>(database(), sql.SHARED, [token, id]))[0];

export async function* picturesOneByOne(teacher: Teacher, on: Queryable): AsyncGenerator<Picture> {
	for (const { id } of await rows<{ id: string }>(on, sql.IDS, [teacher.id])) {
		const [one] = await rows<Picture>(on, sql.READ, [teacher.id, id]);
		if (one) yield one;
	}
}

/** A picture as an answer; `keep`: whether a browser may show it again without asking. */
export const pictureAnswer = ({ jpeg }: Picture, keep: boolean): Response =>
	new Response(new Uint8Array(jpeg), {
		headers: {
			'content-type': 'image/jpeg',
			'content-security-policy': "default-src 'none'",
			...(keep ? { 'x-pond-keep': 'private, max-age=86400, immutable' } : { 'cache-control': 'no-store' }),
		},
	});
