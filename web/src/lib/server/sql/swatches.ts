/** What swatches have besides what all documents have. Each query takes the teacher as its first value. */

export const LIST = `
	SELECT id, version, document, place, updated_at
	FROM swatches
	WHERE teacher_id = $1 AND removed_at IS NULL
	ORDER BY updated_at DESC, id`;

/** Without the swatches themselves; one that has no title to be told by is left to the list. */
export const TITLES = `
	SELECT id, document ->> 'title' AS title
	FROM swatches
	WHERE teacher_id = $1 AND removed_at IS NULL AND jsonb_typeof(document -> 'title') = 'string'
	ORDER BY updated_at DESC, id`;

export const PLACES = `SELECT id, place FROM swatches WHERE teacher_id = $1`;

export const READ_PLACE = `SELECT place FROM swatches WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL`;

export const SAVE_PLACE = `
	UPDATE swatches SET place = $3
	WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL
	RETURNING place`;
