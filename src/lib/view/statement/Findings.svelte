<script lang="ts">
	import { en } from '$lib/core/language';
	import { type Diagnostic, type Fix, messageText } from '$lib/core/problem';

	interface Props {
		findings: readonly Diagnostic[];
		onshow: (finding: Diagnostic) => void;
		onfix: (fix: Fix) => void;
	}
	let { findings, onshow, onfix }: Props = $props();
	const ordered = $derived(
		[...findings].sort((a, b) => (a.severity === b.severity ? 0 : a.severity === 'error' ? -1 : 1))
	);
	const rewritesAll = ({ says }: Fix) => says.name === 'rewriteAll';
	/** the first of those that can all be rewritten says so, once */
	const first = $derived(ordered.find(({ fixes }) => fixes?.some(rewritesAll)));
	const shown = (finding: Diagnostic) =>
		(finding.fixes ?? []).filter((fix) => finding === first || !rewritesAll(fix));
</script>

<div class="findings" aria-live="polite">
	{#if ordered.length}
		<ul>
			{#each ordered as finding (`${finding.code} ${finding.from} ${messageText(finding.message)}`)}
				<li class={finding.severity}>
					<button class="finding" onclick={() => onshow(finding)}>
						<span class="kind">{finding.severity === 'error' ? en`Error` : en`Notice`}</span>
						{messageText(finding.message)}
					</button>
					{#each shown(finding) as fix (messageText(fix.says))}
						<button class="btn tool" onclick={() => onfix(fix)}>{messageText(fix.says)}</button>
					{/each}
				</li>
			{/each}
		</ul>
	{/if}
</div>

<style>
	.findings {
		flex: none;
		max-height: 50%;
		overflow: auto;
	}
	ul {
		margin: 0;
		padding: 0;
		border-top: 1px solid var(--rule);
	}
	li {
		display: flex;
		align-items: center;
		gap: var(--gap-1);
		padding-right: var(--gap-2);
	}
	.tool {
		flex: none;
		font-size: var(--size-note);
	}
	.finding {
		flex: 1;
		text-align: left;
		padding: 0.25rem var(--gap-3);
		font-size: var(--size-note);
		line-height: 1.35;
		cursor: pointer;
	}
	.kind {
		font-style: italic;
		font-weight: 650;
		margin-right: 0.3rem;
	}
	.error {
		background: var(--error-wash);
	}
	.error .kind {
		color: var(--error);
	}
	.notice .kind {
		color: var(--notice);
	}
</style>
