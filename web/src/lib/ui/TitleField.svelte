<script lang="ts">
	interface Props {
		id: string;
		/** What the field is called: the title of what. */
		label: string;
		/** What stands there while there is none. */
		placeholder?: string;
		value: string;
		/** Told of every change that is typed; a title is one line. */
		change: (title: string) => void;
	}
	/** The title of what a page shows, to be changed where it stands; as long as it is, all of it is seen. */
	const { id, label, placeholder, value, change }: Props = $props();
</script>

<h1 class="sr-only">{value}</h1>
<label class="sr-only" for={id}>{label}</label>
<textarea
	{id}
	class="field grown w-full font-serif text-[1.7rem] leading-tight font-semibold sm:text-[2.1rem]"
	rows="1"
	dir="auto"
	{placeholder}
	{value}
	oninput={(e) => change(e.currentTarget.value.replaceAll('\n', ' '))}
	onkeydown={(e) => e.key === 'Enter' && e.preventDefault()}></textarea>
