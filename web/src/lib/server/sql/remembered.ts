/** When something that pages show was changed last, without reading it. */

export const LESSON = `
	SELECT version, updated_at FROM lessons
	WHERE teacher_id = $1 AND id = $2 AND removed_at IS NULL`;

/** Of what stands behind a link: who holds it is let in by it. */
export const SHARED = `
	SELECT lessons.id, lessons.version, lessons.updated_at, teachers.name,
		house_styles.version AS style_version, house_styles.updated_at AS style_at
	FROM shares
	JOIN lessons ON lessons.id = shares.lesson_id AND lessons.removed_at IS NULL
	JOIN teachers ON teachers.id = shares.teacher_id
	LEFT JOIN house_styles ON house_styles.teacher_id = shares.teacher_id
	WHERE shares.token = $1`;
