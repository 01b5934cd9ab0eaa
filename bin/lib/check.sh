# bin/imbrex check: style, static analysis, types.

check() {
    need_packages "${packages[@]}"
    mkdir -p var
    need_php_packages
    need_node_packages
    step "style of the PHP code"
    vendor/bin/pint --test
    step "static analysis"
    vendor/bin/phpstan analyse --no-progress --memory-limit=2G
    vendor/bin/phpstan analyse -c phpstan-app.neon --no-progress --memory-limit=2G
    vendor/bin/phpstan analyse -c phpstan-tests.neon --no-progress --memory-limit=2G
    step "types and style of the front end"
    npm run --silent check
}
