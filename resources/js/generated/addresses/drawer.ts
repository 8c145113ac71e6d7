// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const drawerBall = (lot: number | string) => `/strings/drawer/lots/${lot}/ball`;
export const drawerCount = (lot: number | string) => `/strings/drawer/lots/${lot}/count`;
export const drawerMovements = (lot: number | string) => `/strings/drawer/lots/${lot}/movements`;
export const drawerTake = (lot: number | string) => `/strings/drawer/lots/${lot}/take`;
