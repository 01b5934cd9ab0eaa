import i18next from 'i18next';

/** Numbers, days and hours as the language of the screen writes them. */

const language = (): string => i18next.language || 'en';

/** @param digits behind the point: just so many, or at most */
export const figure = (value: number, digits: number, just = true): string =>
    new Intl.NumberFormat(language(), {
        minimumFractionDigits: just ? digits : 0,
        maximumFractionDigits: digits,
    }).format(value);

/** A day of a year, and an hour of the clock that counts to 24. */
export const moment = (iso: string): string =>
    new Date(iso).toLocaleString(language(), { dateStyle: 'medium', timeStyle: 'short', hour12: false });

/** A day of this year, with its hour. */
export const dayAndHour = (iso: string): string =>
    new Date(iso).toLocaleString(language(), {
        month: 'short',
        day: 'numeric',
        hour: '2-digit',
        minute: '2-digit',
        hour12: false,
    });

export const day = (iso: string): string =>
    new Date(iso).toLocaleDateString(language(), { month: 'short', day: 'numeric' });

export const hour = (iso: string): string =>
    new Date(iso).toLocaleTimeString(language(), { hour: '2-digit', minute: '2-digit', hour12: false });
