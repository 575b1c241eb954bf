import type { Light } from '$lib/ui/light';
import type { Teacher } from '$lib/server/teachers';

declare global {
	namespace App {
		interface Locals {
			teacher: Teacher;
			light: Light;
		}
		interface Error {
			message: string;
		}
		interface PageData {
			light: Light;
		}
	}
}
