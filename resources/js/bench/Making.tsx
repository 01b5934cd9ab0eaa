import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { createContext, useContext, useRef, useState, type ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { ASK_AGAIN_MS, StillWorking } from '../api/StillWorking';
import { useJob } from '../job/JobContext';

type Under = { file: string; failed: boolean; at: StillWorking | null } | null;

const MakingContext = createContext<(file: string) => void>(() => undefined);

/** Has a file of the job made and saves it; one that takes its time says so, and can be stopped. */
export function useMaking() {
    return useContext(MakingContext);
}

export function Making({ children }: { children: ReactNode }) {
    const { t } = useTranslation();
    const job = useJob();
    const [making, setMaking] = useState<Under>(null);
    const stop = useRef<AbortController | null>(null);

    const make = async (file: string) => {
        stop.current?.abort();
        const own = new AbortController();
        stop.current = own;
        setMaking({ file, failed: false, at: null });
        try {
            const fetched = () => fetch(`/api/jobs/${job.id}/files/${file}`, { signal: own.signal });
            let answer = await fetched();
            while (answer.status === 202) {
                setMaking({ file, failed: false, at: StillWorking.of(await answer.json()) });
                await new Promise((again) => window.setTimeout(again, ASK_AGAIN_MS));
                answer = await fetched();
            }
            if (!answer.ok) throw new Error(`HTTP ${answer.status}`);
            const name = /filename="([^"]+)"/.exec(answer.headers.get('Content-Disposition') ?? '')?.[1] ?? file;
            save(await answer.blob(), name);
            if (stop.current === own) setMaking(null);
        } catch {
            if (!own.signal.aborted) setMaking({ file, failed: true, at: null });
        }
    };

    return (
        <MakingContext.Provider value={(file) => void make(file)}>
            {children}
            {making && (
                <div className="making sheet" role="status">
                    <div className="rowed">
                        <span style={{ flex: 1 }}>
                            {t(making.failed ? 'send.failed' : 'send.making', { file: t(`send.${making.file}`) })}
                        </span>
                        {making.failed && (
                            <Button
                                size="small"
                                color="inherit"
                                variant="outlined"
                                onClick={() => void make(making.file)}
                            >
                                {t('send.again')}
                            </Button>
                        )}
                        <Button
                            size="small"
                            color="inherit"
                            variant="outlined"
                            onClick={() => {
                                stop.current?.abort();
                                setMaking(null);
                            }}
                        >
                            {t(making.failed ? 'close' : 'send.stop')}
                        </Button>
                    </div>
                    {making.at && (
                        <span className="muted small">
                            {making.at.waiting ? t('work.waiting') : t('work.file', { done: making.at.done })}
                        </span>
                    )}
                    {!making.failed && (
                        <LinearProgress
                            variant={(making.at?.done ?? 0) > 0 ? 'determinate' : 'indeterminate'}
                            value={100 * (making.at?.done ?? 0)}
                            aria-label={t('send.progress')}
                            sx={{ mt: 1 }}
                        />
                    )}
                </div>
            )}
        </MakingContext.Provider>
    );
}

function save(content: Blob, name: string): void {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(content);
    link.download = name;
    link.click();
    // The browser has taken hold of it by then.
    window.setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
