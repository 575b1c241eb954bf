/**
 * Lessons and swatches are kept alike: one document, its version, and when. Each query takes the
 * teacher as its first value: no row is reached without saying whose it is.
 */

export type DocumentTable = 'lessons' | 'swatches';

export interface DocumentQueries {
	readonly IDS: string;
	readonly WHOLE: string;
	readonly READ: string;
	readonly READ_FOR_UPDATE: string;
	readonly INSERT: string;
	readonly SAVE: string;
	readonly REMOVE: string;
	readonly RESTORE: string;
}

const COLUMNS = 'id, document, version, updated_at';

function queriesFor(table: DocumentTable): DocumentQueries {
	const READ = `
		SELECT ${COLUMNS}
		FROM ${table}
		WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL`;
	return {
		IDS: `SELECT id FROM ${table} WHERE teacher_id = $1 ORDER BY created_at, id`,
		WHOLE: `SELECT ${COLUMNS}, created_at, removed_at FROM ${table} WHERE teacher_id = $1 AND id = $2`,
		READ,
		READ_FOR_UPDATE: `${READ} FOR UPDATE`,
		INSERT: `
			INSERT INTO ${table} (teacher_id, id, document, created_at, updated_at)
			VALUES ($1, $2, $3, clock_timestamp(), clock_timestamp())
			RETURNING ${COLUMNS}`,
		SAVE: `
			UPDATE ${table}
			SET document = $3, version = version + 1, updated_at = now()
			WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL
			RETURNING ${COLUMNS}`,
		REMOVE: `
			UPDATE ${table} SET removed_at = now()
			WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL
			RETURNING document->>'title' AS title`,
		RESTORE: `
			UPDATE ${table} SET removed_at = NULL
			WHERE teacher_id = $1 AND id = $2 AND removed_at IS NOT NULL
			RETURNING id`,
	};
}

export const QUERIES: Readonly<Record<DocumentTable, DocumentQueries>> = {
	lessons: queriesFor('lessons'),
	swatches: queriesFor('swatches'),
};

const SIZE_OF = `
	(SELECT coalesce(sum(bytes), 0) FROM lessons WHERE teacher_id = $1)
		+ (SELECT coalesce(sum(bytes), 0) FROM swatches WHERE teacher_id = $1)`;
const sizeFor = (table: DocumentTable): string =>
	`SELECT (SELECT count(*) FROM ${table} WHERE teacher_id = $1)::int AS many, (${SIZE_OF})::float8 AS bytes`;

/** How many documents of a kind a teacher has, and how much all of them take. */
export const SIZE: Readonly<Record<DocumentTable, string>> = {
	lessons: sizeFor('lessons'),
	swatches: sizeFor('swatches'),
};

/** The oldest versions of a teacher's go, as many as there are beyond so many bytes. */
export const DROP_OLDEST = `
	DELETE FROM versions v USING (
		SELECT document_id, version, sum(bytes) OVER (ORDER BY saved_at DESC, document_id, version DESC) AS upto
		FROM versions WHERE teacher_id = $1
	) s
	WHERE v.teacher_id = $1 AND v.document_id = s.document_id AND v.version = s.version AND s.upto > $2`;

/** Those that were removed, a while ago or all of them, will be erased. You can’t undo this. */
const eraseFrom = (table: DocumentTable): string =>
	`DELETE FROM ${table} WHERE teacher_id = $1 AND removed_at IS NOT NULL AND ($2::uuid IS NULL OR id = $2) RETURNING id`;
export const ERASE: Readonly<Record<DocumentTable, string>> = {
	lessons: eraseFrom('lessons'),
	swatches: eraseFrom('swatches'),
};
export const FORGET_VERSIONS = `DELETE FROM versions WHERE teacher_id = $1 AND document_id = ANY($2::uuid[])`;
export const REMOVED = `
	SELECT 'lessons' AS kind, id, document->>'title' AS title, removed_at, bytes FROM lessons
	WHERE teacher_id = $1 AND removed_at IS NOT NULL
	UNION ALL
	SELECT 'swatches', id, document->>'title', removed_at, bytes FROM swatches
	WHERE teacher_id = $1 AND removed_at IS NOT NULL
	ORDER BY removed_at DESC`;

/** Keeps what stood there, unless something of the last few minutes is kept already. */
export const KEEP_VERSION = `
	INSERT INTO versions (teacher_id, document_id, version, document, saved_at)
	SELECT $1, $2, $3, $4, $5::timestamptz
	WHERE NOT EXISTS (
		SELECT 1 FROM versions
		WHERE teacher_id = $1 AND document_id = $2 AND saved_at > $5::timestamptz - make_interval(secs => $6)
	)
	ON CONFLICT DO NOTHING
	RETURNING version`;

/** All but the newest few of one document go. */
export const DROP_VERSIONS = `
	DELETE FROM versions
	WHERE teacher_id = $1 AND document_id = $2 AND version NOT IN (
		SELECT version FROM versions WHERE teacher_id = $1 AND document_id = $2 ORDER BY version DESC LIMIT $3
	)`;

/** What a choice of versions needs, without the documents themselves. */
export const VERSIONS = `
	SELECT version, saved_at, document->>'title' AS title, (document->>'castOn')::text AS cast_on,
		CASE jsonb_typeof(document->'steps') WHEN 'array' THEN jsonb_array_length(document->'steps') END AS steps
	FROM versions
	WHERE teacher_id = $1 AND document_id = $2
	ORDER BY version DESC`;

export const VERSION = `SELECT document FROM versions WHERE teacher_id = $1 AND document_id = $2 AND version = $3`;

export const ALL_VERSIONS = `
	SELECT document_id, version, saved_at
	FROM versions
	WHERE teacher_id = $1
	ORDER BY document_id, version`;
