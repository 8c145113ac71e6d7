// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const samplesDestroy = (sample: number | string) => `/strings/samples/${sample}`;
export const samplesUnarchive = (sample: number | string) => `/strings/samples/${sample}/unarchive`;
