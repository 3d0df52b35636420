<script lang="ts">
	import { plainText } from '$lib/core/sentence';
	import { showNumber } from '$lib/core/number';
	import { objectiveValue } from '$lib/core/tableau';
	import { useDesk } from '$lib/desk/desk.svelte';

	/** What screen readers say after a step, in one short sentence: what was done, the objective now, and whether the run has ended. */
	const { document, session } = useDesk();
	const said = $derived.by(() => {
		const { tableau, remarks, problem } = session;
		if (!tableau || !problem || session.covering.isOn) return '';
		const headings = remarks.map(({ heading }) => plainText(heading, document.notation)).filter(Boolean);
		const value = showNumber(objectiveValue(tableau), document.notation.numbers);
		return [...headings, `${problem.objective.name} = ${value}`].map((part) => `${part}.`).join(' ');
	});
</script>

<p class="only-heard" role="status">{said}</p>
