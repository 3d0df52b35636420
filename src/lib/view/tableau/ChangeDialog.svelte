<script lang="ts">
	import { en } from '$lib/core/language';
	import { type ChangeMove, refusalParagraph } from '$lib/core/move';
	import { paragraphText } from '$lib/core/sentence';
	import { toText, ZERO } from '$lib/core/number';
	import { messageText, readStatement } from '$lib/core/problem';
	import { useDesk } from '$lib/desk/desk.svelte';
	import Sheet from '../shared/Sheet.svelte';
	import SheetForm from '../shared/SheetForm.svelte';

	/** One number of the problem changed, or a constraint added, at the tableau that stands; the statement stays. */
	let { onclose }: { onclose: () => void } = $props();
	const { document, session } = useDesk();
	const problem = $derived(session.problem!);
	const keys = $derived(session.position!.keys);

	/** what can be changed: right-hand sides, coefficients of the objective, or one more constraint */
	const choices = $derived([
		...problem.constraints.map((row) => ({
			kind: 'rhs' as const,
			name: row.name,
			says: en`the right-hand side of ${row.name}`,
			now: row.rhs
		})),
		...problem.variables.map((variable) => ({
			kind: 'cost' as const,
			name: variable.name,
			says: en`the objective coefficient of ${variable.name}`,
			now: problem.objective.terms.get(variable.name) ?? ZERO
		})),
		{ kind: 'add' as const, name: '', says: en`one more constraint`, now: ZERO }
	]);
	const keyOf = ({ kind, name: own }: { kind: string; name: string }) => (own ? `${kind} ${own}` : kind);
	let what = $state('');
	let value = $state('');
	let name = $state('');
	const chosen = $derived(choices.find((choice) => keyOf(choice) === what) ?? choices[0]);

	/** The row written, read as a statement's row is. */
	function added(): ChangeMove['change'] | string {
		const known = problem.variables.map((variable) => variable.name).join(', ');
		const label = name.trim() || `r${problem.constraints.length + 1}`;
		const { problem: read, diagnostics } = readStatement(`max z = 0\n${label}: ${value}`);
		const [row] = read?.constraints ?? [];
		const wrong = diagnostics.find(({ severity }) => severity === 'error');
		if (!row)
			return wrong
				? messageText(wrong.message)
				: en`Write a row in ${known}, such as ${known.split(',')[0]} ≤ 4.`;
		const terms = Object.fromEntries(
			[...row.terms].map(([own, c]) => [keys.variables.get(own) ?? own, toText(c)])
		);
		return { add: { name: row.name, terms, relation: row.relation, rhs: toText(row.rhs) } };
	}

	function change(): ChangeMove['change'] | string {
		const { kind, name: own } = chosen;
		if (kind === 'rhs') return { rhs: keys.constraints.get(own) ?? own, value: value.trim() };
		if (kind === 'cost') return { cost: keys.variables.get(own) ?? own, value: value.trim() };
		return added();
	}

	let fault = $state('');

	function submit() {
		const wanted = change();
		if (typeof wanted === 'string') {
			fault = wanted;
			return;
		}
		session.propose({ kind: 'change', change: wanted });
		const { proposal } = session;
		if (proposal && !proposal.result.ok) {
			fault = paragraphText(refusalParagraph(proposal.result.why), document.notation);
			session.propose(null);
			return;
		}
		session.commit();
		onclose();
	}
</script>

<Sheet
	title={en`Change the problem here`}
	text={en`The change is made in the current tableau, and the method goes on from there. The statement does not change.`}
	{onclose}
>
	<SheetForm action={en`Change`} onsubmit={submit} {onclose}>
		<label
			>{en`What`}
			<select
				class="field"
				value={keyOf(chosen)}
				onchange={(event) => ([what, fault] = [event.currentTarget.value, ''])}
			>
				{#each choices as choice (keyOf(choice))}<option value={keyOf(choice)}>{choice.says}</option>{/each}
			</select>
		</label>
		{#if chosen.kind === 'add'}
			<label
				>{en`Name`}
				<input class="field" bind:value={name} placeholder={`r${problem.constraints.length + 1}`} /></label
			>
			<label
				>{en`Row`}
				<input
					class="field"
					bind:value
					aria-invalid={fault !== ''}
					placeholder={`${problem.variables[0]?.name ?? 'x'} ≤ 4`}
				/></label
			>
		{:else}
			<label
				>{en`New number`}
				<input class="field" bind:value aria-invalid={fault !== ''} placeholder={toText(chosen.now)} /></label
			>
		{/if}
		{#if fault}<p class="fault" role="alert">{fault}</p>{/if}
	</SheetForm>
</Sheet>

<style>
	.fault {
		color: var(--error);
	}
</style>
