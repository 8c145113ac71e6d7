// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const sharesDestroy = (share: number | string) => `/workshop/shares/${share}`;
export const sharesShow = (key: number | string) => `/shared/${encodeURIComponent(key)}`;
