/** The sheets of the Bench by name; none is open where it is empty. */
export type Drawer = '' | 'log' | 'revisions' | 'swap' | 'scale' | 'paste' | 'method' | 'variants'
