/** Metres in one foot, exact (international yard and pound agreement, 1959). */
export const metresPerFoot = 0.3048;
