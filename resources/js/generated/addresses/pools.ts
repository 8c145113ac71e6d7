// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const poolsDestroy = (pool: number | string) => `/strings/pools/${pool}`;
export const poolsUnarchive = (pool: number | string) => `/strings/pools/${pool}/unarchive`;
export const poolsUpdate = (pool: number | string) => `/strings/pools/${pool}`;
