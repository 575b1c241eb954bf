/** The faces that handouts are set in, as files of their packages: ours, and those for the letters that ours lack. */
const of = (family: string, file: string): string => `@expo-google-fonts/${family}/${file}`;

export const FACES: readonly string[] = [
	of('atkinson-hyperlegible-next', '400Regular/AtkinsonHyperlegibleNext_400Regular.ttf'),
	of('atkinson-hyperlegible-next', '400Regular_Italic/AtkinsonHyperlegibleNext_400Regular_Italic.ttf'),
	of('atkinson-hyperlegible-next', '700Bold/AtkinsonHyperlegibleNext_700Bold.ttf'),
	of('atkinson-hyperlegible-next', '700Bold_Italic/AtkinsonHyperlegibleNext_700Bold_Italic.ttf'),
	of('fraunces', '600SemiBold/Fraunces_600SemiBold.ttf'),
	of('jetbrains-mono', '500Medium/JetBrainsMono_500Medium.ttf'),
	of('noto-sans', '400Regular/NotoSans_400Regular.ttf'),
	of('noto-sans', '700Bold/NotoSans_700Bold.ttf'),
	of('noto-sans-hebrew', '400Regular/NotoSansHebrew_400Regular.ttf'),
	of('noto-sans-hebrew', '700Bold/NotoSansHebrew_700Bold.ttf'),
];
