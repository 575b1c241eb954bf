/** Whether this browser's token was given to the teacher of this name; a name is all that is known at the door. */
export const KNOWS = `
	UPDATE known_browsers SET seen_at = now()
	WHERE token_hash = $1 AND teacher_id = (SELECT id FROM teachers WHERE sign_in_name = $2)
	RETURNING 1 AS known`;

export const ADD = `INSERT INTO known_browsers (token_hash, teacher_id) VALUES ($1, $2)`;

/** All but those seen last go. */
export const KEEP_NEWEST = `
	DELETE FROM known_browsers
	WHERE teacher_id = $1 AND token_hash NOT IN (
		SELECT token_hash FROM known_browsers WHERE teacher_id = $1 ORDER BY seen_at DESC LIMIT $2
	)`;
