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
