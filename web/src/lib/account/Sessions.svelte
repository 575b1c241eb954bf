<script lang="ts">
	import { enhance } from '$app/forms';
	import { dayOf } from '$lib/ui/dates';
	import { useLocale } from '$lib/ui/locale';
	import { keepPage } from './keep-page';

	interface SessionEntry {
		readonly id: string;
		readonly browser: string;
		readonly startedAt: Date;
		readonly seenAt: Date;
		/** Whether it is this browser's. */
		readonly here: boolean;
	}
	interface Props {
		/** This browser's first. */
		sessions: readonly SessionEntry[];
		/** Days after which one that is not used ends. */
		idleDays: number;
		/** Says what went wrong. */
		say: (words: string | undefined) => void;
	}
	const { sessions, idleDays, say }: Props = $props();
	const locale = useLocale();

	const LISTED_MOST = 8;
	const others = $derived(sessions.filter((s) => !s.here));
</script>

<ul>
	{#each sessions.slice(0, LISTED_MOST) as session (session.id)}
		<li class="border-base-300 flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b py-2 first:pt-0">
			<span class="min-w-0">
				<span class="block font-semibold wrap-anywhere">{session.browser}{session.here ? ': this one' : ''}</span>
				<span class="quiet text-sm"
					>since {dayOf(session.startedAt, locale())}, last used {dayOf(session.seenAt, locale())}</span
				>
			</span>
			{#if !session.here}
				<form method="post" action="?/revoke" use:enhance={keepPage(say)}>
					<input type="hidden" name="id" value={session.id} />
					<button class="wordlink font-semibold">Sign out there</button>
				</form>
			{/if}
		</li>
	{/each}
</ul>
<div class="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
	{#if sessions.length > LISTED_MOST}
		<p class="w-full">And {sessions.length - LISTED_MOST} more, not used for longer.</p>
	{/if}
	<p class="quiet grow text-[0.94rem]">
		After {idleDays} days without use, a browser is signed out.
	</p>
	{#if others.length > 0}
		<form method="post" action="?/others" use:enhance={keepPage(say)}>
			<button class="pill pill-soft">Sign out everywhere else</button>
		</form>
	{/if}
</div>
