/** Where to go after the door: an address of ours, never another site's. */
export const within = (then: unknown): string =>
  typeof then === 'string' && /^\/(?![/\\])/.test(then) ? then : '/'
