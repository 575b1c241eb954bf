export const READ = `
	SELECT id, name, sign_in_name, password_hash IS NOT NULL AS has_password, created_at
	FROM teachers WHERE id = $1`;

/** The one query that finds a teacher by name: before it nobody is signed in. */
export const BY_SIGN_IN_NAME = `SELECT id, name, password_hash FROM teachers WHERE sign_in_name = $1`;

export const PASSWORD = `SELECT password_hash FROM teachers WHERE id = $1`;

export const INSERT = `
	INSERT INTO teachers (id, name) VALUES ($1, $2)
	ON CONFLICT (id) DO NOTHING`;

export const SIGN_UP = `
	INSERT INTO teachers (id, name, sign_in_name, password_hash) VALUES ($1, $2, $3, $4)
	ON CONFLICT (sign_in_name) DO NOTHING
	RETURNING id, name`;

export const SET_NAME = `UPDATE teachers SET name = $2 WHERE id = $1`;

export const SET_PASSWORD = `UPDATE teachers SET password_hash = $2 WHERE id = $1 AND password_hash IS NOT NULL`;

export const DELETE = `DELETE FROM teachers WHERE id = $1`;
