// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const ordersArrive = (order: number | string) => `/strings/orders/${order}/arrive`;
export const ordersCsv = (order: number | string) => `/strings/orders/${order}/csv`;
export const ordersDestroy = (order: number | string) => `/strings/orders/${order}`;
export const ordersPdf = (order: number | string) => `/strings/orders/${order}/pdf`;
export const ordersReceive = (order: number | string) => `/strings/orders/${order}/receive`;
export const ordersSend = (order: number | string) => `/strings/orders/${order}/send`;
export const ordersUnarchive = (order: number | string) => `/strings/orders/${order}/unarchive`;
export const ordersUse = (order: number | string) => `/strings/orders/${order}/use`;
