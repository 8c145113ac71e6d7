// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const importsCheck = (list: number | string) => `/strings/imports/${list}/check`;
export const importsDestroy = (list: number | string) => `/strings/imports/${list}`;
export const importsMap = (list: number | string) => `/strings/imports/${list}`;
export const importsRejects = (list: number | string) => `/strings/imports/${list}/rejects`;
export const importsStore = (supplier: number | string) => `/strings/suppliers/${supplier}/imports`;
export const importsWrite = (list: number | string) => `/strings/imports/${list}/write`;
