import type { HouseStyle } from '@pond-loop/core/schema';
import type { Failure } from '$lib/server/failures';
import type { Session } from '$lib/server/sessions';
import type { PageLight } from '$lib/ui/light';

declare global {
	namespace App {
		interface Locals {
			/** Undefined when nobody is signed in. */
			session: Session | undefined;
			light: PageLight;
			/** Whether somebody chose it; else it is that of the system. */
			isLightChosen: boolean;
			/** In which dates and numbers are written. */
			locale: string;
			/** Set when the request failed, with what is said of it. */
			failure?: Failure;
			/** A number to find this request in the log by. */
			request: string;
		}
		interface Error {
			message: string;
			request?: string;
		}
		namespace Superforms {
			type Message = string;
		}
		interface PageData {
			light: PageLight;
			locale: string;
			style: HouseStyle;
			/** Whether they said what their patterns mean by names that are read in two ways. */
			isSchoolChosen: boolean;
			teacher?: { readonly id: string; readonly name: string } | undefined;
		}
	}
}
