// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const copiesShow = (name: number | string) => `/workshop/copies/${encodeURIComponent(name)}`;
