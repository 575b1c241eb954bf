// A migrated cluster for one run of the integration tests.
import { startCluster } from './cluster.mjs';
import { output } from './run.mjs';

export async function setup() {
	const cluster = await startCluster(`test-${process.pid}`);
	process.env['DATABASE_URL'] = cluster.url;
	output(process.execPath, ['scripts/migrate.mjs'], { env: { DATABASE_URL: cluster.url } });
	// A run that is broken off must not leave a server behind.
	process.once('exit', cluster.remove);
	return () => cluster.remove();
}
