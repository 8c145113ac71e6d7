// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const wordsShow = (word: number | string) => `/words/${encodeURIComponent(word)}`;
