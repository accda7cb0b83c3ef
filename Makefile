# Nebbia. Two commands: `make demo` and `make test`. Each does what set-up is missing.
SHELL := /bin/bash
.DEFAULT_GOAL := help
.PHONY: help setup demo demo-fresh test test-dates sweep soak mutate rooms screenshots bench lint fix types

help: ## What there is
	@grep -hE '^[a-z-]+:.*##' $(MAKEFILE_LIST) | sed -E 's/:.*## /\t/' | expand -t 14

setup:
	@bin/setup

demo: setup ## Start Nebbia with the demo garden and print its address
	@bin/build
	@php artisan nebbia:up --demo
	@bin/serve

demo-fresh: setup ## The same, with the demo garden made anew (what was there is put aside)
	@php artisan nebbia:up --demo --anew
	@$(MAKE) --no-print-directory demo

test: setup ## Run everything that must hold
	@bin/test

test-dates: setup ## The application's tests on a leap day, at both changes of the clocks and at New Year
	@bin/test-dates

sweep: setup ## Every target, remedy, plant, ingredient, sign and day there is, one by one (some half an hour)
	SWEEP=all vendor/bin/pest -c core/phpunit.xml --test-directory=core/tests core/tests/Sweep
	SWEEP=all vendor/bin/pest tests/Sweep tests/Feature/SpoiltRowTest.php

soak: setup ## 25,000 requests put wrong, 500 kills twice, 40 backups, eight hands on everything (some three quarters of an hour)
	node bin/hands.mjs 40
	node bin/kills.mjs 500
	node bin/kills-kept.mjs 500
	node bin/backups.mjs 40
	node bin/onlookers.mjs 200
	node bin/ten-years.mjs
	for seed in 1 2 3 4 5 6 7 8 9 10; do SOAK=2500 SOAK_SEED=$$seed vendor/bin/pest tests/Soak || exit 1; done

mutate: setup ## Put faults into core's judgement, chemistry and planning, and see which the tests miss
	@bin/mutate

rooms: setup ## Draw docs/rooms.svg: the rooms of core, and who looks into which
	@bin/rooms

screenshots: setup ## Take the pictures of docs/screenshots anew
	@bin/build
	@node bin/screenshots.mjs

bench: setup ## Measure speed and size, and write docs/BENCHMARKS.md
	@bin/build
	@node bin/bench.mjs

lint: setup ## Style, types and static analysis
	vendor/bin/pint --test
	vendor/bin/phpstan analyse --memory-limit=2G --no-progress
	npm run -s lint
	npm run -s types

fix: setup ## Put the style right
	vendor/bin/pint
	npm run -s lint -- --fix

types: setup ## Write docs/openapi.json and the TypeScript types from the code
	php artisan nebbia:openapi
	npm run -s api:types
