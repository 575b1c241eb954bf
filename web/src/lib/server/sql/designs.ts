export const LIST = `SELECT id, name, crossing FROM designs WHERE teacher_id = $1 ORDER BY lower(name)`;

/** Nothing when the teacher has as many as are kept. A design saved again under its id is renamed or changed. */
export const SAVE = `
	INSERT INTO designs (id, teacher_id, name, crossing)
	SELECT $1, $2, $3, $4
	WHERE (SELECT count(*) FROM designs WHERE teacher_id = $2 AND id <> $1) < $5
	ON CONFLICT (id) DO UPDATE SET name = excluded.name, crossing = excluded.crossing
	WHERE designs.teacher_id = excluded.teacher_id
	RETURNING id`;

export const REMOVE = `DELETE FROM designs WHERE id = $1 AND teacher_id = $2 RETURNING name`;
