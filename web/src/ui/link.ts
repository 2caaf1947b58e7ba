/** Whether what somebody wrote as a link leads to a page; anything else is shown as text only. */
export const isLink = (address: string): boolean => /^https?:\/\//.test(address)
