import { createTheme, type PaletteColor } from "@mui/material/styles";

/** Butcher paper, steel and grease pencil: red for faults and what is outside its window, blue for what comes from the book. */
interface Pencils {
  steel: PaletteColor;
  /** The ground of the tray and of raised sheets. */
  sheet: PaletteColor;
}

declare module "@mui/material/styles" {
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type
  interface Palette extends Pencils {}
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type
  interface PaletteOptions extends Partial<Pencils> {}
  interface CssThemeVariables {
    enabled: true;
  }
  interface TypographyVariants {
    figure: React.CSSProperties;
    label: React.CSSProperties;
  }
  interface TypographyVariantsOptions {
    figure?: React.CSSProperties;
    label?: React.CSSProperties;
  }
}
declare module "@mui/material/Typography" {
  interface TypographyPropsVariantOverrides {
    figure: true;
    label: true;
    overline: false;
  }
}

const text = '"Atkinson Hyperlegible", "Noto Sans", sans-serif';
const condensed = '"Barlow Condensed", "Atkinson Hyperlegible", sans-serif';
const tabular = { fontFamily: condensed, fontFeatureSettings: '"tnum" 1, "lnum" 1' };

const paper = {
  ground: "#efe7d8",
  sheet: "#f9f4e9",
  ink: "#1c1916",
  faded: "#4a443c",
  steel: "#6d757b",
  rule: "#b9b3a6",
  red: "#a11b14",
  blue: "#17457f",
};
const night = {
  ground: "#191816",
  sheet: "#24221f",
  ink: "#f3ecdd",
  faded: "#c9c0b0",
  steel: "#9aa3a9",
  rule: "#4c4841",
  red: "#ff9486",
  blue: "#9cc4ff",
};

function scheme(of: typeof paper, contrastText: string) {
  const tone = (main: string) => ({ main, light: main, dark: main, contrastText });

  return {
    palette: {
      background: { default: of.ground, paper: of.sheet },
      text: { primary: of.ink, secondary: of.faded, disabled: of.steel },
      divider: of.rule,
      primary: tone(of.ink),
      secondary: tone(of.blue),
      error: tone(of.red),
      info: tone(of.blue),
      warning: tone(of.red),
      success: tone(of.ink),
      steel: tone(of.steel),
      sheet: { main: of.sheet, light: of.sheet, dark: of.sheet, contrastText: of.ink },
    },
  };
}

export const makeTheme = () =>
  createTheme({
    cssVariables: { colorSchemeSelector: "data-scheme" },
    colorSchemes: { light: scheme(paper, "#fffaf0"), dark: scheme(night, "#191816") },
    shape: { borderRadius: 2 },
    spacing: 8,
    typography: {
      fontFamily: text,
      fontSize: 15,
      h1: { ...tabular, fontWeight: 600, fontSize: "2.1rem", lineHeight: 1.1 },
      h2: { ...tabular, fontWeight: 600, fontSize: "1.5rem", lineHeight: 1.15 },
      h3: { ...tabular, fontWeight: 600, fontSize: "1.2rem", lineHeight: 1.2 },
      body1: { fontSize: "0.98rem", lineHeight: 1.45 },
      body2: { fontSize: "0.9rem", lineHeight: 1.4 },
      button: { ...tabular, fontWeight: 600, fontSize: "1.1rem", textTransform: "none", letterSpacing: "0.01em" },
      caption: { fontSize: "0.82rem", lineHeight: 1.3 },
      figure: { ...tabular, fontWeight: 600 },
      label: { ...tabular, fontWeight: 500, fontSize: "1.02rem", letterSpacing: "0.015em" },
    },
    transitions: { create: () => "none" },
    components: {
      MuiTypography: { defaultProps: { variantMapping: { figure: "span", label: "span" } } },
      MuiButtonBase: { defaultProps: { disableRipple: true } },
      MuiButton: {
        defaultProps: { variant: "outlined", disableElevation: true },
        styleOverrides: {
          root: ({ theme: it }) => ({
            minHeight: 48,
            padding: "6px 18px",
            borderWidth: 2,
            lineHeight: 1.15,
            "&.Mui-focusVisible": { outline: `3px solid ${it.vars.palette.secondary.main}`, outlineOffset: 2 },
            "&:active": { translate: "0 1px" },
          }),
          outlined: ({ theme: it }) => ({
            borderColor: it.vars.palette.text.primary,
            background: it.vars.palette.background.paper,
            "&:hover": { borderWidth: 2, background: it.vars.palette.background.default },
          }),
          sizeSmall: {
            minHeight: 36,
            padding: "2px 12px",
            fontSize: "1rem",
            borderWidth: 1.5,
            "@media (pointer: coarse)": { minHeight: 48 },
          },
        },
      },
      MuiDialog: {
        defaultProps: { transitionDuration: 0 },
        styleOverrides: {
          paper: ({ theme: it }) => ({
            border: `2px solid ${it.vars.palette.text.primary}`,
            boxShadow: "none",
            backgroundImage: "none",
            padding: 8,
          }),
        },
      },
      MuiDrawer: {
        defaultProps: { transitionDuration: 0 },
        styleOverrides: {
          paper: ({ theme: it }) => ({
            borderLeft: `2px solid ${it.vars.palette.text.primary}`,
            boxShadow: "none",
            backgroundImage: "none",
          }),
        },
      },
      MuiInputBase: {
        styleOverrides: {
          root: ({ theme: it }) => ({
            minHeight: 48,
            padding: "0 12px",
            "&.MuiInputBase-multiline": { paddingBlock: 8 },
            border: `2px solid ${it.vars.palette.text.primary}`,
            background: it.vars.palette.background.paper,
            "&.Mui-focused": { outline: `3px solid ${it.vars.palette.secondary.main}`, outlineOffset: 2 },
            "&.Mui-error": { borderColor: it.vars.palette.error.main },
          }),
        },
      },
    },
  });
