/** By which the browser lets through the styles that parts of this page make while they run. */
export const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? '';
