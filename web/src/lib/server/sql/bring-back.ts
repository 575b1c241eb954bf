import type { DocumentTable } from './documents';

/** Everything of a kind that a teacher has, those off the lists included, as it is stored. */
export const MINE: Readonly<Record<DocumentTable, string>> = {
	lessons: 'SELECT id, document, version FROM lessons WHERE teacher_id = $1 FOR UPDATE',
	swatches: 'SELECT id, document, version FROM swatches WHERE teacher_id = $1 FOR UPDATE',
};

/** Which of these ids stand already, whoever's they are. */
export const TAKEN: Readonly<Record<DocumentTable | 'designs', string>> = {
	lessons: 'SELECT id FROM lessons WHERE id = ANY($1::uuid[])',
	swatches: 'SELECT id FROM swatches WHERE id = ANY($1::uuid[])',
	designs: 'SELECT id FROM designs WHERE id = ANY($1::uuid[])',
};

const insert = (table: DocumentTable): string => `
	INSERT INTO ${table} (teacher_id, id, document, version, created_at, updated_at, removed_at)
	VALUES ($1, $2, $3, $4, $5, $6, $7)`;
export const INSERT: Readonly<Record<DocumentTable, string>> = {
	lessons: insert('lessons'),
	swatches: insert('swatches'),
};

/** Those off the lists are written over as well, and stay off. */
export const OVERWRITE: Readonly<Record<DocumentTable, string>> = {
	lessons:
		'UPDATE lessons SET document = $3, version = version + 1, updated_at = now() WHERE teacher_id = $1 AND id = $2',
	swatches:
		'UPDATE swatches SET document = $3, version = version + 1, updated_at = now() WHERE teacher_id = $1 AND id = $2',
};

/** Rows finished at the needles, which do not go back behind where somebody is. */
export const PLACE = 'UPDATE swatches SET place = $3 WHERE teacher_id = $1 AND id = $2';

/** An earlier version; one that stands there already stays. */
export const VERSION = `
	INSERT INTO versions (teacher_id, document_id, version, saved_at, document)
	VALUES ($1, $2, $3, $4, $5)
	ON CONFLICT DO NOTHING`;

export const DESIGNS = 'SELECT id, name, crossing FROM designs WHERE teacher_id = $1';
export const COUNT_DESIGNS = 'SELECT count(*)::int AS many FROM designs WHERE teacher_id = $1';
export const INSERT_DESIGN = 'INSERT INTO designs (id, teacher_id, name, crossing) VALUES ($2, $1, $3, $4)';
export const OVERWRITE_DESIGN = 'UPDATE designs SET name = $3, crossing = $4 WHERE teacher_id = $1 AND id = $2';

export const STYLE = `
	INSERT INTO house_styles (teacher_id, document) VALUES ($1, $2)
	ON CONFLICT (teacher_id) DO UPDATE SET document = excluded.document, version = house_styles.version + 1, updated_at = now()`;
