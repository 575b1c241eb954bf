/** Each query takes the teacher as its first value: no row is reached without saying whose it is. */

const TITLE = `coalesce(nullif(trim(document->>'title'), ''), 'Without a title') AS title`;

export const TITLES = `
	SELECT id, ${TITLE}
	FROM lessons
	WHERE teacher_id = $1 AND removed_at IS NULL
	ORDER BY updated_at DESC, id`;

/** Whatever is stored, each is listed: what cannot be read by its title, with no steps. With the first six crossings of each, for a glance. A null limit means all. */
export const LIST = `
	SELECT id, ${TITLE}, updated_at,
		CASE jsonb_typeof(document->'steps') WHEN 'array' THEN jsonb_array_length(document->'steps') ELSE 0 END AS steps,
		jsonb_path_query_array(
			jsonb_path_query_array(document, '$.steps[*] ? (@.kind == "crossing").crossing'), '$[0 to 5]'
		) AS crossings
	FROM lessons
	WHERE teacher_id = $1 AND removed_at IS NULL
	ORDER BY updated_at DESC, id
	LIMIT $2`;
