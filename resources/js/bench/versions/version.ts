/** A state of a set that somebody kept under a name. */
export interface Version {
    id: number;
    name: string;
    keptAt: string;
}
