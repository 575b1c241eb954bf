<script lang="ts">
	import { picturesAt } from './at';

	interface Props {
		id: string;
		alt: string;
		width: number;
		height: number;
	}
	const { id, alt, width, height }: Props = $props();
	const folder = picturesAt();
</script>

<img class="h-auto max-h-[32rem] w-auto max-w-full rounded-lg" src="{folder()}/{id}" {alt} {width} {height} />
