/** The lesson a new desk opens with. */
export const DEMO_STATEMENT = `title "Spring firing at Fernhollow"

# What shall the pottery make this week?
max profit [thalers] = 30 bowls + 45 vases

clay [kg]: 5/2 bowls + 4 vases ≤ 100
wheel [hours]: 2 bowls + 3/2 vases ≤ 63
kiln [hours]: bowls + 4 vases ≤ 88

bowls [dozen] from 0
vases [dozen] from 0
`;

/** What happened, and what each part of it gave. */
export const DEMO_STORY = `The co-operative fires bowls and vases this week. A dozen bowls earns [30 thalers](#.bowls), a dozen vases [45](#.vases).

A dozen bowls takes [2½ kg](#clay.bowls) of clay, a dozen vases [4 kg](#clay.vases); [100 kg](#clay.amount) are there. At the wheel they take [2 hours](#wheel.bowls) and [1½ hours](#wheel.vases) of [63](#wheel.amount), in the kiln [1 hour](#kiln.bowls) and [4 hours](#kiln.vases) of [88](#kiln.amount).`;
