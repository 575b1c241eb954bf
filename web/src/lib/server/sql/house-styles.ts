export const READ = `SELECT document, version FROM house_styles WHERE teacher_id = $1`;

/** The first one; nothing when there is one already. */
export const FIRST = `
	INSERT INTO house_styles (teacher_id, document) VALUES ($1, $2)
	ON CONFLICT (teacher_id) DO NOTHING
	RETURNING version`;

/** Nothing when it was made from another version than the one that stands there. */
export const SAVE = `
	UPDATE house_styles SET document = $2, version = version + 1, updated_at = now()
	WHERE teacher_id = $1 AND version = $3
	RETURNING version`;
