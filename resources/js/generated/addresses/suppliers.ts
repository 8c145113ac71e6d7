// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const suppliersExport = (supplier: number | string) => `/strings/suppliers/${supplier}/export`;
export const suppliersUpdate = (supplier: number | string) => `/strings/suppliers/${supplier}`;
