export const sumOf = (all: readonly number[]): number => all.reduce((sum, each) => sum + each, 0);
