// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const jobsCutShort = (job: number | string) => `/jobs/${job}/cut-short`;
export const jobsDestroy = (job: number | string) => `/jobs/${job}`;
export const jobsNeck = (job: number | string) => `/jobs/${job}/neck`;
export const jobsNews = (job: number | string) => `/jobs/${job}/news`;
export const jobsRecord = (job: number | string) => `/jobs/${job}/events`;
export const jobsSheet = (job: number | string) => `/jobs/${job}/sheet`;
export const jobsShow = (job: number | string) => `/jobs/${job}`;
export const jobsSlip = (job: number | string) => `/jobs/${job}/slip`;
export const jobsUnarchive = (job: number | string) => `/jobs/${job}/unarchive`;
export const jobsWant = (job: number | string) => `/jobs/${job}/wanted`;
