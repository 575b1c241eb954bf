/** Documents as they are stored, whatever they are. Each query takes the teacher as its first value. */

export const READ = {
	lessons: `SELECT version, document FROM lessons WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL`,
	swatches: `SELECT version, document FROM swatches WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL`,
	designs: `
		SELECT 1 AS version, jsonb_build_object('id', id, 'name', name, 'crossing', crossing) AS document
		FROM designs WHERE teacher_id = $1 AND id = $2`,
	classes: `SELECT version, document FROM classes WHERE teacher_id = $1 AND id = $2`,
	evenings: `SELECT 1 AS version, document FROM evenings WHERE teacher_id = $1 AND id = $2`,
	'house-style': `SELECT version, document FROM house_styles WHERE teacher_id = $1 AND teacher_id = $2`,
} as const;

export const MEND_EVENING = `UPDATE evenings SET document = $3 WHERE teacher_id = $1 AND id = $2 RETURNING id`;

export const MEND_STYLE = `
	UPDATE house_styles SET document = $3, version = version + 1, updated_at = now()
	WHERE teacher_id = $1 AND version = $2
	RETURNING version`;

export const DROP_STYLE = `DELETE FROM house_styles WHERE teacher_id = $1 RETURNING version`;
