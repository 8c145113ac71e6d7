// Made from the named routes by bin/generate-addresses.php. Change routes/, not this file.
export const invitationsAllow = (invitation: number | string) => `/workshop/invitations/${invitation}`;
export const invitationsDestroy = (invitation: number | string) => `/workshop/invitations/${invitation}`;
export const invitationsShow = (invitation: number | string) => `/workshop/invitations/${invitation}`;
