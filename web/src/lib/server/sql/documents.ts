/**
 * Lessons and swatches are kept alike: one document, its version, and when. Each query takes the
 * teacher as its first value: no row is reached without saying whose it is.
 */

export type DocumentTable = 'lessons' | 'swatches';

export interface DocumentQueries {
	readonly ALL: string;
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
		ALL: `
			SELECT ${COLUMNS}, created_at, removed_at
			FROM ${table}
			WHERE teacher_id = $1
			ORDER BY created_at, id`,
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

/** Keeps what stood there, unless something of the last few minutes is kept already. */
export const KEEP_VERSION = `
	INSERT INTO versions (teacher_id, document_id, version, document, saved_at)
	SELECT $1, $2, $3, $4, $5::timestamptz
	WHERE NOT EXISTS (
		SELECT 1 FROM versions
		WHERE teacher_id = $1 AND document_id = $2 AND saved_at > $5::timestamptz - make_interval(secs => $6)
	)
	ON CONFLICT DO NOTHING`;

/** All but the newest few of one document go. */
export const DROP_VERSIONS = `
	DELETE FROM versions
	WHERE teacher_id = $1 AND document_id = $2 AND version NOT IN (
		SELECT version FROM versions WHERE teacher_id = $1 AND document_id = $2 ORDER BY version DESC LIMIT $3
	)`;

export const VERSIONS = `
	SELECT version, document, saved_at
	FROM versions
	WHERE teacher_id = $1 AND document_id = $2
	ORDER BY version DESC`;

export const ALL_VERSIONS = `
	SELECT document_id, version, document, saved_at
	FROM versions
	WHERE teacher_id = $1
	ORDER BY document_id, version`;
