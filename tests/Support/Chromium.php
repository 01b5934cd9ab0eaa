<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;

/** Starts a headless browser with an empty profile of its own. */
final class Chromium
{
    public static function start(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $profile = sys_get_temp_dir().'/imbrex-browser-'.bin2hex(random_bytes(6));
        $options = new ChromeOptions;
        $options->setBinary('/usr/bin/chromium');
        $options->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--disable-dev-shm-usage', '--force-device-scale-factor=1',
            "--window-size=$width,$height", "--user-data-dir=$profile",
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create((string) getenv('DRIVER_URL'), $capabilities, 30_000, 60_000);
        self::resize($driver, $width, $height);

        return $driver;
    }

    /** Sets the size of what is shown, not of the window round it. */
    public static function resize(RemoteWebDriver $driver, int $width, int $height): void
    {
        $driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 600],
        ]);
        $driver->manage()->window()->setSize(new WebDriverDimension(max($width, 500), $height));
    }
}
