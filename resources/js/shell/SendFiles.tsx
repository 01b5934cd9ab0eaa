import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ASK_AGAIN_MS, StillWorking } from '../api/StillWorking';
import { useFiles } from '../api/queries';
import { useJob } from '../job/JobContext';

type Making = { file: string; failed: boolean; at: StillWorking | null } | null;

/** The files the job leaves in. One that takes its time says so, and can be stopped. */
export function SendFiles() {
    const { t } = useTranslation();
    const job = useJob();
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    const [making, setMaking] = useState<Making>(null);
    const stop = useRef<AbortController | null>(null);
    const list = useFiles(job.id, job.revision, anchor !== null);

    const make = async (file: string) => {
        setAnchor(null);
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
        <>
            <Button
                variant="outlined"
                color="inherit"
                aria-haspopup="menu"
                onClick={(event) => setAnchor(event.currentTarget)}
            >
                {t('send.open')}
            </Button>
            <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
                {!list.data && <MenuItem disabled>{t('loading')}</MenuItem>}
                {(list.data ?? []).map((file) => (
                    <MenuItem key={file} onClick={() => void make(file)}>
                        {t(`send.${file}`)}
                    </MenuItem>
                ))}
            </Menu>
            {making && (
                <div className="making sheet" role="status">
                    <div className="rowed">
                        <span style={{ flex: 1 }}>
                            {t(making.failed ? 'send.failed' : 'send.making', { file: t(`send.${making.file}`) })}
                        </span>
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
        </>
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
