/** The number of this page: a style with it is ours. */
export const NONCE = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content ?? '';
