const COLUMNS = 'id, width, height, jpeg';

/** Nothing when the teacher has as many, or as much, as is kept. */
export const INSERT = `
	INSERT INTO pictures (id, teacher_id, width, height, jpeg)
	SELECT $1, $2, $3, $4, $5
	WHERE (SELECT count(*) FROM pictures WHERE teacher_id = $2) < $6
		AND (SELECT coalesce(sum(length(jpeg)), 0) FROM pictures WHERE teacher_id = $2) + length($5::bytea) <= $7
	RETURNING id`;

export const READ = `SELECT ${COLUMNS} FROM pictures WHERE teacher_id = $1 AND id = $2`;

export const THESE = `SELECT ${COLUMNS} FROM pictures WHERE teacher_id = $1 AND id = ANY($2::uuid[])`;

export const IDS = `SELECT id FROM pictures WHERE teacher_id = $1 ORDER BY created_at, id`;

/** Which of these ids stand already, and whether they are this teacher's. */
export const STANDING = `SELECT id, teacher_id = $1 AS mine FROM pictures WHERE id = ANY($2::uuid[])`;

/** That no lesson names a picture `p` any more, nor an earlier version of one, nor an evening of which it is a piece, and it is no logo. */
const UNNAMED = `
	NOT EXISTS (SELECT FROM lessons l WHERE l.teacher_id = $1 AND position(p.id::text IN l.document::text) > 0)
	AND NOT EXISTS (SELECT FROM house_styles h WHERE h.teacher_id = $1 AND h.document #>> '{logo,id}' = p.id::text)
	AND NOT EXISTS (SELECT FROM versions v WHERE v.teacher_id = $1 AND position(p.id::text IN v.document::text) > 0)
	AND NOT EXISTS (
		SELECT FROM presses x
		WHERE x.teacher_id = $1 AND x.did ->> 'kind' = 'piece' AND x.did #>> '{picture,id}' = p.id::text
			AND NOT EXISTS (
				SELECT FROM presses u
				WHERE u.evening_id = x.evening_id AND u.did ->> 'kind' = 'undo' AND u.did ->> 'press' = x.id::text
			)
	)`;

/** Those that nothing names any more; none that was only just sent. */
export const DROP_UNNAMED = `
	DELETE FROM pictures p
	WHERE p.teacher_id = $1 AND p.created_at < now() - interval '1 day' AND ${UNNAMED}`;

/** Of these, those that nothing names any more, however lately they were sent. */
export const DROP_THESE = `DELETE FROM pictures p WHERE p.teacher_id = $1 AND p.id = ANY($2::uuid[]) AND ${UNNAMED}`;

/** Pictures of pieces of one person, of one evening, or of all evenings of a class. */
export const OF_PIECES = `
	SELECT x.did #>> '{picture,id}' AS id, x.did ->> 'what' AS what
	FROM presses x JOIN evenings e ON e.id = x.evening_id
	WHERE x.teacher_id = $1 AND x.did ->> 'kind' = 'piece' AND $2::uuid IN (x.person_id, x.evening_id, e.class_id)`;

/** Behind a link: one of the lesson's own pictures. */
export const SHARED = `
	SELECT p.id, p.width, p.height, p.jpeg
	FROM shares s
	JOIN lessons l ON l.id = s.lesson_id AND l.removed_at IS NULL
	JOIN pictures p ON p.teacher_id = s.teacher_id
	WHERE s.token = $1 AND p.id = $2
		AND jsonb_path_exists(l.document, '$.steps[*].picture.id ? (@ == $id)', jsonb_build_object('id', $2::text))`;
