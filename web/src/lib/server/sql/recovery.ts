export const CLEAR = `DELETE FROM recovery_codes WHERE teacher_id = $1`;

export const INSERT = `
	INSERT INTO recovery_codes (teacher_id, code_hash)
	SELECT $1, unnest($2::bytea[])`;

/** One statement, so that a code sent twice at once works once. */
export const USE = `
	UPDATE recovery_codes SET used_at = now()
	WHERE teacher_id = $1 AND code_hash = $2 AND used_at IS NULL
	RETURNING 1 AS used`;

export const LEFT = `SELECT count(*)::int AS left FROM recovery_codes WHERE teacher_id = $1 AND used_at IS NULL`;
