using System.Globalization;

namespace Krasis.Core.Physics;

/// <summary>A colour as linear light in the three bands of sRGB (IEC 61966-2-1), each from 0 to 1.</summary>
/// <param name="Red">Red.</param>
/// <param name="Green">Green.</param>
/// <param name="Blue">Blue.</param>
public readonly record struct Light(double Red, double Green, double Blue)
{
    // The light of each of the 256 steps of a band.
    private static readonly double[] Linear = [.. Enumerable.Range(0, 256).Select(step => ToLinear(step / 255.0))];

    /// <summary>Reads <c>#rrggbb</c>.</summary>
    public static Light Of(string colour) => new(Band(colour, 1), Band(colour, 3), Band(colour, 5));

    /// <summary>Each band by itself, put together again.</summary>
    public Light Each(Func<double, double> band) => new(band(Red), band(Green), band(Blue));

    /// <summary>The same as <c>#rrggbb</c>.</summary>
    public string ToHex() => $"#{Byte(Red)}{Byte(Green)}{Byte(Blue)}";

    /// <summary>The same in CIE 1976 L*a*b* under D65 (the primaries and white of IEC 61966-2-1, to seven
    /// places).</summary>
    public (double L, double A, double B) ToLab()
    {
        var x = Root(((0.4124564 * Red) + (0.3575761 * Green) + (0.1804375 * Blue)) / 0.95047);
        var y = Root((0.2126729 * Red) + (0.7151522 * Green) + (0.0721750 * Blue));
        var z = Root(((0.0193339 * Red) + (0.1191920 * Green) + (0.9503041 * Blue)) / 1.08883);
        return ((116 * y) - 16, 500 * (x - y), 200 * (y - z));

        static double Root(double t) => t > 216.0 / 24389 ? Math.Cbrt(t) : ((24389.0 / 27 * t) + 16) / 116;
    }

    private static double Band(string colour, int at) =>
        Linear[byte.Parse(colour.AsSpan(at, 2), NumberStyles.HexNumber, CultureInfo.InvariantCulture)];

    private static double ToLinear(double value) =>
        value <= 0.04045 ? value / 12.92 : Math.Pow((value + 0.055) / 1.055, 2.4);

    private static string Byte(double light)
    {
        var value = Math.Clamp(light, 0, 1);
        var encoded = value <= 0.0031308 ? value * 12.92 : (1.055 * Math.Pow(value, 1 / 2.4)) - 0.055;
        return ((int)Math.Round(encoded * 255)).ToString("x2", CultureInfo.InvariantCulture);
    }
}
