export const READ = `SELECT id, name FROM teachers WHERE id = $1`;

export const INSERT = `
	INSERT INTO teachers (id, name) VALUES ($1, $2)
	ON CONFLICT (id) DO NOTHING`;
