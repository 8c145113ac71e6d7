/** The columns that lanes and the rule above them share: number, pitch, drawing, figures. */
export const LANE_COLUMNS =
    'grid grid-cols-[1.9rem_7rem_minmax(0,1fr)_11.5rem] px-3 max-md:grid-cols-[1.6rem_6.6rem_minmax(0,1fr)_auto]';
