/** How many were found, where counting ends somewhere. */
export const counted = (total: number, more: boolean) =>
  more ? `more than ${total.toLocaleString('en-GB')}` : total.toLocaleString('en-GB')
