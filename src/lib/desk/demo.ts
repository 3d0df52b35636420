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
