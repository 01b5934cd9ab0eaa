import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { ApiError, call } from '../../api/client';
import { useJob } from '../../job/JobContext';
import { setRain } from './edits';
import { useJobTape } from '../../tape/JobTape';

interface Rain {
    place: string;
    minutes: number;
    storms: { years: number; intensity: number }[];
}

/** How hard it rains by the weather service: its storms, one of which is taken. */
export function Weather() {
    const { t } = useTranslation();
    const { id, edit, mayChange } = useJob();
    const print = useJobTape();
    const ask = useMutation({ mutationFn: () => call<Rain>('GET', `jobs/${id}/weather`) });
    if (!mayChange) return null;
    return (
        <div style={{ marginTop: 8 }}>
            <Button variant="outlined" color="inherit" disabled={ask.isPending} onClick={() => ask.mutate()}>
                {t(ask.isPending ? 'water.asking' : 'water.weather')}
            </Button>
            {ask.error && (
                <p className="stop small" role="alert">
                    {(ask.error instanceof ApiError && ask.error.message409) || t('water.no-weather')}
                </p>
            )}
            {ask.data?.storms.map((storm) => (
                <button
                    key={storm.years}
                    type="button"
                    className="card"
                    data-storm={storm.years}
                    onClick={() => edit((d) => setRain(d, storm.intensity))}
                >
                    {t('water.storm', {
                        place: ask.data.place,
                        minutes: ask.data.minutes,
                        years: storm.years,
                        rain: print(storm.intensity, 'nearest', true),
                    })}
                </button>
            ))}
        </div>
    );
}
