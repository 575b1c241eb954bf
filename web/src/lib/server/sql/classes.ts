/** Classes, their evenings and presses. Each query takes the teacher as its first value. */

export const LIST = `
	SELECT c.id, c.version, c.document, c.updated_at,
		(SELECT count(*)::int FROM evenings e WHERE e.class_id = c.id) AS evenings,
		(SELECT max(e.day)::text FROM evenings e WHERE e.class_id = c.id) AS last_day,
		(SELECT e.document ->> 'lesson' FROM evenings e WHERE e.class_id = c.id ORDER BY e.day DESC, e.id LIMIT 1) AS lesson
	FROM classes c
	WHERE c.teacher_id = $1
	ORDER BY c.updated_at DESC, c.id`;

/** Nothing when the teacher has as many as are kept. */
export const CREATE = `
	INSERT INTO classes (id, teacher_id, document)
	SELECT $2, $1, $3
	WHERE (SELECT count(*) FROM classes WHERE teacher_id = $1) < $4
	RETURNING version`;

export const READ = `SELECT id, version, document FROM classes WHERE teacher_id = $1 AND id = $2`;

/** Whether anybody has a class under this id. */
export const TAKEN = `SELECT id FROM classes WHERE id = $1`;

/** Who was erased meanwhile stays out, whatever the page that saves still holds. */
export const ERASED = `SELECT person_id FROM erased_people WHERE teacher_id = $1`;

export const SAVE = `
	UPDATE classes SET document = $4, version = version + 1, updated_at = now()
	WHERE teacher_id = $1 AND id = $2 AND version = $3
	RETURNING version`;

export const REMOVE = `DELETE FROM classes WHERE teacher_id = $1 AND id = $2 RETURNING document`;

/** By their titles alone, the last one first. */
export const LIST_EVENINGS = `
	SELECT id, day::text AS day, document ->> 'title' AS title
	FROM evenings WHERE teacher_id = $1 AND class_id = $2 ORDER BY day DESC, id`;

export const EVENINGS = `
	SELECT id, day::text AS day, document FROM evenings WHERE teacher_id = $1 AND class_id = $2 ORDER BY day, id`;

/** Nothing when the class is not there, or has as many evenings as are kept. The same id again changes nothing. */
export const BEGIN = `
	INSERT INTO evenings (id, class_id, teacher_id, day, document)
	SELECT $3, c.id, $1, $4, $5
	FROM classes c
	WHERE c.teacher_id = $1 AND c.id = $2
		AND (SELECT count(*) FROM evenings WHERE class_id = c.id) < $6
	ON CONFLICT (id) DO NOTHING
	RETURNING id`;

export const EVENING = `
	SELECT e.id, e.day::text AS day, e.document, e.class_id, c.document AS class
	FROM evenings e JOIN classes c ON c.id = e.class_id
	WHERE e.teacher_id = $1 AND e.id = $2`;

export const REMOVE_EVENING = `DELETE FROM evenings WHERE teacher_id = $1 AND id = $2 RETURNING id`;

/** All presses of a class. */
export const PRESSES_OF_CLASS = `
	SELECT p.evening_id, p.id, p.at, p.did
	FROM presses p JOIN evenings e ON e.id = p.evening_id
	WHERE p.teacher_id = $1 AND e.class_id = $2
	ORDER BY p.seq`;

/** What a class's log is known by: a press more, one erased, an evening gone or practice that was shown changes it. */
export const LOG_STATE = `
	SELECT count(DISTINCT e.id)::int AS evenings, count(p.id)::int AS presses, coalesce(max(p.seq), 0)::text AS last,
		(SELECT json_build_array(count(*), max(s.sent_at)) FROM practice_sent s JOIN practice_doors d ON d.id = s.door_id
			WHERE s.teacher_id = $1 AND d.class_id = $2) AS shown
	FROM evenings e LEFT JOIN presses p ON p.evening_id = e.id
	WHERE e.teacher_id = $1 AND e.class_id = $2`;

export const PRESSES_SINCE = `
	SELECT id, at, did, seq FROM presses WHERE teacher_id = $1 AND evening_id = $2 AND seq > $3 ORDER BY seq`;

/** Holds other writers of this evening until the end: numbers are given in the order in which they can be read. */
export const HOLD_EVENING = `SELECT id FROM evenings WHERE teacher_id = $1 AND id = $2 FOR UPDATE`;

export const COUNT_PRESSES = `SELECT count(*)::int AS many FROM presses WHERE teacher_id = $1 AND evening_id = $2`;

/** Appends; what is there already, and what is of somebody who was erased, is left. */
export const APPEND = `
	INSERT INTO presses (id, evening_id, teacher_id, at, person_id, did)
	SELECT p.id, $2, $1, p.at, p.person_id, p.did
	FROM jsonb_to_recordset($3::jsonb) AS p (id uuid, at timestamptz, person_id uuid, did jsonb)
	WHERE NOT EXISTS (SELECT 1 FROM erased_people x WHERE x.teacher_id = $1 AND x.person_id = p.person_id)
	ON CONFLICT (evening_id, id) DO NOTHING`;

/** What was pressed about others, or about nobody, in whose words one of these names may stand. */
export const WRITTEN_WITH = `
	SELECT p.evening_id, p.id, p.at, p.did
	FROM presses p JOIN evenings e ON e.id = p.evening_id
	WHERE p.teacher_id = $1 AND e.class_id = $2 AND EXISTS (
		-- As it stands inside a text of JSON, where some signs are written with a backslash.
		SELECT FROM unnest($3::text[]) AS name, substr(to_jsonb(name)::text, 2, length(to_jsonb(name)::text) - 2) AS written
		WHERE position(lower(written) IN lower(p.did::text)) > 0
	)`;

export const WRITE_ANEW = `UPDATE presses SET did = $4 WHERE teacher_id = $1 AND evening_id = $2 AND id = $3`;

export const EVENINGS_OF = `SELECT id, document FROM evenings WHERE teacher_id = $1 AND class_id = $2`;

export const RENAME_EVENING = `
	UPDATE evenings SET document = jsonb_set(document, '{title}', to_jsonb($3::text)) WHERE teacher_id = $1 AND id = $2`;

export const ERASE_PRESSES = `DELETE FROM presses WHERE teacher_id = $1 AND person_id = $2`;

export const MARK_ERASED = `
	INSERT INTO erased_people (teacher_id, person_id) VALUES ($1, $2) ON CONFLICT DO NOTHING`;

/** Everything of one person. */
export const PRESSES_OF_PERSON = `
	SELECT e.day::text AS day, e.document ->> 'title' AS evening, p.at, p.did
	FROM presses p JOIN evenings e ON e.id = p.evening_id
	WHERE p.teacher_id = $1 AND p.person_id = $2
	ORDER BY e.day, p.at`;

export const ALL_OF_TEACHER = {
	classes: `SELECT id, document FROM classes WHERE teacher_id = $1 ORDER BY created_at, id`,
	evenings: `SELECT id, class_id, document FROM evenings WHERE teacher_id = $1 ORDER BY day, id`,
	presses: `SELECT evening_id, id, at, did FROM presses WHERE teacher_id = $1 ORDER BY seq`,
} as const;
