// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const devicesDestroy = (device: number | string) => `/workshop/devices/${device}`;
export const devicesUpdate = (device: number | string) => `/workshop/devices/${device}`;
