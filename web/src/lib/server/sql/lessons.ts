/** Each query takes the teacher as its first value: no row is reached without saying whose it is. */

export const TITLES = `
	SELECT id, document->>'title' AS title
	FROM lessons
	WHERE teacher_id = $1 AND removed_at IS NULL
	ORDER BY updated_at DESC, id`;

/** With the first six crossings of each, for a glance. A null limit means all. */
export const LIST = `
	SELECT id, document->>'title' AS title, jsonb_array_length(document->'steps') AS steps, updated_at,
		jsonb_path_query_array(
			jsonb_path_query_array(document, '$.steps[*] ? (@.kind == "crossing").crossing'), '$[0 to 5]'
		) AS crossings
	FROM lessons
	WHERE teacher_id = $1 AND removed_at IS NULL
	ORDER BY updated_at DESC, id
	LIMIT $2`;

export const ALL = `
	SELECT id, document, version, created_at, updated_at, removed_at
	FROM lessons
	WHERE teacher_id = $1
	ORDER BY created_at, id`;

export const READ = `
	SELECT id, document, version, updated_at
	FROM lessons
	WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL`;

export const READ_FOR_UPDATE = `${READ} FOR UPDATE`;

export const INSERT = `
	INSERT INTO lessons (teacher_id, id, document)
	VALUES ($1, $2, $3)
	RETURNING id, document, version, updated_at`;

export const SAVE = `
	UPDATE lessons
	SET document = $3, version = version + 1, updated_at = now()
	WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL
	RETURNING id, document, version, updated_at`;

export const REMOVE = `
	UPDATE lessons SET removed_at = now()
	WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL
	RETURNING document->>'title' AS title`;

export const RESTORE = `
	UPDATE lessons SET removed_at = NULL
	WHERE teacher_id = $1 AND id = $2 AND removed_at IS NOT NULL
	RETURNING id`;
