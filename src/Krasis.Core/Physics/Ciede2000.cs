namespace Krasis.Core.Physics;

/// <summary>How different two colours look.</summary>
public static class Ciede2000
{
    /// <summary>ΔE₀₀ of two colours of the CIE 1976 L*a*b* space: about 1 is just seen side by side.</summary>
    /// <remarks>CIE 142-2001, written after G. Sharma, W. Wu and E. N. Dalal, Color Research and Application 30 (2005)
    /// 21–30, whose 34 test pairs the tests hold it against; k_L = k_C = k_H = 1.</remarks>
    public static double Between((double L, double A, double B) one, (double L, double A, double B) other)
    {
        var meanChroma = (Hypot(one.A, one.B) + Hypot(other.A, other.B)) / 2;
        var seventh = Math.Pow(meanChroma, 7);
        var g = 0.5 * (1 - Math.Sqrt(seventh / (seventh + Math.Pow(25, 7))));
        var (a1, a2) = ((1 + g) * one.A, (1 + g) * other.A);
        var (c1, c2) = (Hypot(a1, one.B), Hypot(a2, other.B));
        var (h1, h2) = (Hue(a1, one.B), Hue(a2, other.B));
        var isGrey = c1 * c2 == 0;
        var dh =
            isGrey ? 0
            : h2 - h1 > 180 ? h2 - h1 - 360
            : h2 - h1 < -180 ? h2 - h1 + 360
            : h2 - h1;
        var dL = other.L - one.L;
        var dC = c2 - c1;
        var dH = 2 * Math.Sqrt(c1 * c2) * Sin(dh / 2);
        var l = (one.L + other.L) / 2;
        var c = (c1 + c2) / 2;
        var h =
            isGrey ? h1 + h2
            : Math.Abs(h1 - h2) <= 180 ? (h1 + h2) / 2
            : h1 + h2 < 360 ? (h1 + h2 + 360) / 2
            : (h1 + h2 - 360) / 2;
        var t = 1 - (0.17 * Cos(h - 30)) + (0.24 * Cos(2 * h)) + (0.32 * Cos((3 * h) + 6)) - (0.20 * Cos((4 * h) - 63));
        var turn = 30 * Math.Exp(-Math.Pow((h - 275) / 25, 2));
        var seventhC = Math.Pow(c, 7);
        var rotation = -2 * Math.Sqrt(seventhC / (seventhC + Math.Pow(25, 7))) * Sin(2 * turn);
        var sL = 1 + (0.015 * Math.Pow(l - 50, 2) / Math.Sqrt(20 + Math.Pow(l - 50, 2)));
        var sC = 1 + (0.045 * c);
        var sH = 1 + (0.015 * c * t);
        return Math.Sqrt(
            Math.Pow(dL / sL, 2) + Math.Pow(dC / sC, 2) + Math.Pow(dH / sH, 2) + (rotation * dC / sC * dH / sH)
        );
    }

    private static double Hypot(double x, double y) => Math.Sqrt((x * x) + (y * y));

    private static double Hue(double a, double b)
    {
        var hue = a == 0 && b == 0 ? 0 : Math.Atan2(b, a) * 180 / Math.PI;
        return hue < 0 ? hue + 360 : hue;
    }

    private static double Sin(double degrees) => Math.Sin(degrees * Math.PI / 180);

    private static double Cos(double degrees) => Math.Cos(degrees * Math.PI / 180);
}
