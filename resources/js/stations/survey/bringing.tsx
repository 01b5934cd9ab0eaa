import { useTranslation } from 'react-i18next';
import { ApiError } from '../../api/client';
import type { Plane } from '../../contracts/survey';

export function Faults({ error, onRetry }: { error: unknown; onRetry?: () => void }) {
    const { t } = useTranslation();
    if (!error) return null;
    const faults = error instanceof ApiError ? error.faults : [];
    return (
        <div className="finding" data-severity="block" role="alert">
            {faults.length > 0 ? (
                faults.map((fault, i) => <p key={i}>{fault.message}</p>)
            ) : (
                <p>{error instanceof ApiError ? (error.message409 ?? t('form.failed')) : t('bring.offline')}</p>
            )}
            {onRetry && (
                <button type="button" className="linkish" onClick={onRetry}>
                    {t('gauge.retry')}
                </button>
            )}
        </div>
    );
}

interface FilePickerProps {
    accept: string;
    onFile: (file: File | null) => void;
    /** One that came from elsewhere: the field itself cannot show it. */
    chosen?: File | null;
}

export function FilePicker({ accept, onFile, chosen }: FilePickerProps) {
    const { t } = useTranslation();
    return (
        <label className="stack" style={{ gap: 6 }}>
            <span>{t('bring.file')}</span>
            {chosen && <b>{chosen.name}</b>}
            <input type="file" accept={accept} onChange={(event) => onFile(event.target.files?.[0] ?? null)} />
        </label>
    );
}

interface PlanesProps {
    planes: Plane[];
    note: (plane: Plane) => string;
    /** Planes that are not wanted, where some may be left out. */
    without?: string[];
    onWithout?: (ids: string[]) => void;
}

export function Planes({ planes, note, without = [], onWithout }: PlanesProps) {
    return (
        <table className="plain">
            <tbody>
                {planes.map((plane) => (
                    <tr key={plane.id}>
                        <th scope="row">
                            {onWithout ? (
                                <OneOf id={plane.id} name={plane.name} without={without} onWithout={onWithout} />
                            ) : (
                                <b>{plane.name}</b>
                            )}
                        </th>
                        <td className="n muted">{note(plane)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}

interface OneOfProps {
    id: string;
    name: string;
    without: string[];
    onWithout: (ids: string[]) => void;
}

/** One of several things that may be left out. */
export function OneOf({ id, name, without, onWithout }: OneOfProps) {
    const { t } = useTranslation();
    return (
        <label className="rowed" style={{ gap: 8 }}>
            <input
                type="checkbox"
                checked={!without.includes(id)}
                aria-label={t('bring.with', { plane: name })}
                onChange={(event) =>
                    onWithout(event.target.checked ? without.filter((one) => one !== id) : [...without, id])
                }
            />
            <b>{name}</b>
        </label>
    );
}
