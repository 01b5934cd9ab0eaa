import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useTranslation } from 'react-i18next';
import { useLocation, useNavigate } from '../parts/router';
import { useJob } from '../job/JobContext';
import { later } from '../parts/later';
import { useStations } from '../stations/stations';
import { withTerms } from '../words/i18n';

const Find = later('find', () => import('./Find'));
const Glossary = later(
    'glossary',
    withTerms(() => import('./Glossary')),
);

/** A digit opens a station, nought the tenth; a step leads to the one before and after, however many there are. */
const DIGITS = [...Array.from({ length: 9 }, (_, i) => String(i + 1)), '0'];

/** The keys that work on every station, and the list of all of them. */
export function Shortcuts() {
    const { t } = useTranslation();
    const job = useJob();
    const go = useNavigate();
    const location = useLocation();
    const [open, setOpen] = useState<'keys' | 'find' | 'words' | null>(null);
    const stations = useStations();
    // What every station listens to, with what each adds for itself in between.
    const listed = [
        'stations',
        'step',
        ...stations.flatMap(({ keys }) => keys ?? []),
        'find',
        'words',
        'undo',
        'redo',
        'all',
    ];
    useHotkeys(
        DIGITS,
        (event) => {
            const station = stations[DIGITS.indexOf(event.key)];
            if (station) void go(`/jobs/${job.id}/${station.key}`);
        },
        [stations],
    );
    const step = (by: 1 | -1) => {
        const next = stations[stations.findIndex(({ key }) => location.pathname.endsWith(`/${key}`)) + by];
        if (next) void go(`/jobs/${job.id}/${next.key}`);
    };
    useHotkeys('alt+pagedown', () => step(1), { preventDefault: true }, [stations, location]);
    useHotkeys('alt+pageup', () => step(-1), { preventDefault: true }, [stations, location]);
    useHotkeys('mod+z', () => job.session.undo(), { preventDefault: true });
    useHotkeys('mod+shift+z', () => job.session.redo(), { preventDefault: true });
    useHotkeys('?', () => setOpen('keys'), { useKey: true, ignoreModifiers: true });
    useHotkeys('w', () => setOpen('words'), { preventDefault: true });
    useHotkeys('/', () => setOpen('find'), { useKey: true, ignoreModifiers: true, preventDefault: true });
    return (
        <>
            <Dialog open={open === 'keys'} onClose={() => setOpen(null)} aria-labelledby="keys-title">
                <DialogTitle id="keys-title">{t('keys.title')}</DialogTitle>
                <DialogContent>
                    <table className="plain">
                        <tbody>
                            {listed.map((key) => (
                                <tr key={key}>
                                    <th scope="row" className="nowrap">
                                        <kbd>
                                            {t(`keys.${key}.keys`, {
                                                count: Math.min(stations.length, 10),
                                                last: stations.length,
                                            })}
                                        </kbd>
                                    </th>
                                    <td>{t(`keys.${key}`)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </DialogContent>
                <DialogActions>
                    <Button onClick={() => setOpen(null)}>{t('close')}</Button>
                </DialogActions>
            </Dialog>
            {open === 'find' && <Find onClose={() => setOpen(null)} />}
            {open === 'words' && <Glossary onClose={() => setOpen(null)} />}
        </>
    );
}
