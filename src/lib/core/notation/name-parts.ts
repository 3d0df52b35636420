/** A name in its parts: `x₁₂` as x with the index 12, `y⁺` with its sign, `x′` with its primes. */
export interface NameParts {
	/** `−` where the negative is meant */
	readonly minus: boolean;
	readonly body: string;
	readonly primes: number;
	readonly index: string;
	readonly raised: '' | '+' | '-';
}

/** Takes a name of a variable, row or column apart for setting. */
export function nameParts(name: string): NameParts {
	const [, minus, rest, raised] = /^(−?)(.*?)([⁺⁻]?)$/u.exec(name)!;
	const [, body, index] = /^(.*?)_?(\p{Nd}*)$/u.exec(rest)!;
	const [primes] = /'*$/.exec(body)!;
	return {
		minus: minus !== '',
		body: body.slice(0, body.length - primes.length).replace(/_/g, '\u00a0'),
		primes: primes.length,
		index,
		raised: raised === '⁺' ? '+' : raised === '⁻' ? '-' : ''
	};
}
