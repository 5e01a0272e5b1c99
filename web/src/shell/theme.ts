import { definePreset } from "@primeuix/themes";
import Aura from "@primeuix/themes/aura";

/** One accent, drawing-office blue; everything else is ink on paper. */
export const theme = definePreset(Aura, {
  primitive: {
    borderRadius: { none: "0", xs: "0", sm: "0", md: "0", lg: "0", xl: "0" },
  },
  components: {
    button: {
      colorScheme: {
        light: { outlined: { secondary: { borderColor: "#4b545e", color: "#1b2127" } } },
        dark: { outlined: { secondary: { borderColor: "#b4bcc4", color: "#eef0f1" } } },
      },
    },
    checkbox: { root: { width: "1.6rem", height: "1.6rem" } },
  },
  semantic: {
    primary: {
      50: "#eef5fb",
      100: "#d6e6f4",
      200: "#aacbe6",
      300: "#78acd6",
      400: "#468bc3",
      500: "#1f6ba8",
      600: "#17507f",
      700: "#134167",
      800: "#0f3350",
      900: "#0b263c",
      950: "#071928",
    },
    colorScheme: {
      light: {
        primary: {
          color: "{primary.600}",
          contrastColor: "#ffffff",
          hoverColor: "{primary.700}",
          activeColor: "{primary.800}",
        },
        formField: {
          borderColor: "#4b545e",
          hoverBorderColor: "#1b2127",
          placeholderColor: "#5f6872",
          shadow: "none",
        },
      },
      dark: {
        primary: {
          color: "{primary.300}",
          contrastColor: "#071928",
          hoverColor: "{primary.200}",
          activeColor: "{primary.100}",
        },
        formField: {
          borderColor: "#b4bcc4",
          hoverBorderColor: "#eef0f1",
          placeholderColor: "#9aa4ad",
          shadow: "none",
        },
      },
    },
    focusRing: { width: "3px", style: "solid", color: "{primary.color}", offset: "2px" },
  },
});
