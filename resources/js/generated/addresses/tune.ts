// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const tuneShow = (set: number | string) => `/sets/${set}/tune`;
