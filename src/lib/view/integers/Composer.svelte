<script lang="ts">
	import { en } from '$lib/core/language';
	import { compositionOf, foundWords } from '$lib/core/commentary';
	import { NumberError, parseRational, type Rational, ZERO } from '$lib/core/number';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Words from '../shared/Words.svelte';

	/** A rounding cut composed of multipliers of the constraints. */
	const { document: lesson, session } = useDesk();
	let texts = $state<Record<string, string>>({});
	const problem = $derived(session.problem);
	const read = $derived.by((): Record<string, Rational | null> =>
		Object.fromEntries(
			(problem?.constraints ?? []).map(({ name }) => {
				const text = (texts[name] ?? '').trim();
				if (!text) return [name, ZERO];
				try {
					return [name, parseRational(text)];
				} catch (error) {
					if (error instanceof NumberError) return [name, null];
					throw error;
				}
			})
		)
	);
	const isRight = $derived(Object.values(read).every((value) => value !== null));
	const used = $derived(
		Object.entries(read).flatMap(([name, value]) => (value?.n ? [[name, value] as const] : []))
	);
	function add() {
		session.take({
			kind: 'combine',
			multipliers: Object.fromEntries(
				used.map(([name, value]) => [lesson.keyOf('constraints', name), value.toFraction()])
			)
		});
	}
</script>

{#if problem}
	<form
		onsubmit={(event) => {
			event.preventDefault();
			add();
		}}
	>
		<p>{en`Multipliers (not negative on ≤, not positive on ≥):`}</p>
		<div class="flex flex-wrap gap-2 items-end">
			{#each problem.constraints as { name } (name)}
				<label
					>{name}
					<input
						class="field"
						placeholder="0"
						aria-invalid={read[name] === null}
						bind:value={() => texts[name] ?? '', (text) => (texts = { ...texts, [name]: text })}
					/></label
				>
			{/each}
			<button class="btn tool now" disabled={!isRight || used.length === 0 || !session.tableau}
				>{en`Add this cut`}</button
			>
		</div>
		{#if !isRight}
			<p role="alert" class="wrong">{en`Write numbers like 1/2, 0.5 or −1.`}</p>
		{:else if used.length > 0}
			<ol>
				{#each compositionOf(problem, new Map(used)) as found, i (i)}<li>
						<Words sentence={foundWords(found)} />
					</li>{/each}
			</ol>
		{/if}
		{#if !session.tableau}<p>{en`Solve the relaxation first.`}</p>{/if}
	</form>
{/if}

<style>
	form {
		border: 1px dashed var(--rule-strong);
		padding: var(--gap-2);
		margin-bottom: var(--gap-2);
	}
	p {
		margin: 0 0 var(--gap-1);
	}
	label {
		font-size: var(--size-note);
	}
	.field {
		width: 5rem;
		display: block;
	}
	ol {
		margin: var(--gap-1) 0 0;
		padding-left: 1.4rem;
		list-style: decimal;
	}
	.wrong {
		color: var(--error);
	}
</style>
