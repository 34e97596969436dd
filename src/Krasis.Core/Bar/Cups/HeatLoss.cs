using Krasis.Core.Physics;
using Krasis.Core.Quantities;

namespace Krasis.Core.Bar.Cups;

/// <summary>What a cup loses for each kelvin between drink and room: three numbers and not one, because a hot drink in
/// the open loses first by evaporation, a lid stops that, and a cold drink has none.</summary>
/// <param name="HotOpen">A hot drink without a lid, its surface bare.</param>
/// <param name="HotLidded">A hot drink under a lid.</param>
/// <param name="Cold">A cold drink; what it takes from the room.</param>
public sealed record HeatLoss(WattsPerKelvin HotOpen, WattsPerKelvin HotLidded, WattsPerKelvin Cold)
{
    /// <summary>How far a value that was worked out from lengths may be off, as a share: free convection in a draught,
    /// damp air and a full or a half empty cup (the correlations alone are good to 15 %; the rest is ours).</summary>
    public const double Spread = 0.25;

    // Middle temperatures of the life of a drink, °C: hot from 65 to 45, cold from 0 to 8.
    private const double Hot = 55;
    private const double Iced = 3;
    private const double Room = 21;

    // A cup is filled to about nine tenths of its height.
    private const double Filled = 0.9;

    // Wet foam holds water films that carry heat: W/(m·K), fitted to a cup of 390 ml under 13 mm of foam (0.24 W/K;
    // common practice, no source).
    private const double Foam = 0.4;

    // Under a lid the vapour condenses and gives its heat to it: W/(m²·K), so much better than what the lid gives to
    // the room that its size hardly counts.
    private const double UnderALid = 60;

    // A lid is cooler than the drink under it by about so much, K.
    private const double LidIsCooler = 12;

    // A lid over a cold drink is about this much colder than the room, K, and this far above the drink, m (common
    // practice, no source).
    private const double LidIsWarmer = 7;
    private const double LidGap = 0.015;

    /// <summary>Works the three out from a cup's inner lengths and its wall, with free convection and radiation on the
    /// outside, evaporation off an open surface, and the wall's own resistance (see <see cref="Air"/> and
    /// <see cref="CupMaterials"/>).</summary>
    /// <example>A double-walled paper cup of 82/57/104 mm: about 0.5 W/K open, 0.2 under a lid; a clear cup of
    /// 92/60/118 mm with ice 0.3.</example>
    public static HeatLoss Of(Frustum shape, CupMaterial material)
    {
        var walls = WallArea(shape);
        var surface = SurfaceArea(shape);
        return new HeatLoss(
            WattsPerKelvin.From((walls * Wall(shape, material, Hot)) + (surface * Bare(shape, Hot))),
            WattsPerKelvin.From((walls * Wall(shape, material, Hot)) + (surface * Lid())),
            WattsPerKelvin.From((walls * Wall(shape, material, Iced)) + (surface * Bare(shape, Iced)))
        );
    }

    /// <summary>A hot drink in the open under a cap of foam, which keeps its surface from evaporating: in proportion to
    /// what <see cref="HotOpen"/> is against the same worked out.</summary>
    /// <param name="shape">The cup's inside.</param>
    /// <param name="material">What the cup is made of.</param>
    /// <param name="cap">How thick the foam is.</param>
    public WattsPerKelvin HotUnderFoam(Frustum shape, CupMaterial material, Millimetres cap)
    {
        var worked = Of(shape, material).HotOpen.Value;
        var bare = Bare(shape, Hot);
        var under = 1 / ((1 / bare) + (cap.Value / 1000 / Foam));
        return WattsPerKelvin.From(HotOpen.Value * (1 - (SurfaceArea(shape) * (bare - under) / worked)));
    }

    /// <summary>A cold drink under a lid, which keeps the room's air off its surface. It is about a tenth less than
    /// <see cref="Cold"/>, by the ratio of the two as worked out.</summary>
    /// <param name="shape">The cup's inside.</param>
    /// <param name="material">What the cup is made of.</param>
    public WattsPerKelvin ColdLidded(Frustum shape, CupMaterial material)
    {
        var worked = Of(shape, material).Cold.Value;
        return WattsPerKelvin.From(Cold.Value * (1 - (SurfaceArea(shape) * (Bare(shape, Iced) - ColdLid()) / worked)));
    }

    private static double Wall(Frustum shape, CupMaterial material, double drink) =>
        1 / ((1 / Air.OffAWall(shape.Height.Value / 1000, drink, Room)) + CupMaterials.WallResistance(material));

    private static double Bare(Frustum shape, double drink)
    {
        var convection = Air.OffASurface(SurfaceDiameter(shape), drink, Room);
        return convection + Air.Radiation(drink, Room) + Air.Evaporation(convection, drink, Room);
    }

    private static double Lid() => 1 / ((1 / UnderALid) + (1 / Air.OffAWall(0.03, Hot - LidIsCooler, Room)));

    // The air between lid and drink is still, because the warm side is on top: only conduction and radiation count.
    private static double ColdLid()
    {
        var lid = Room - LidIsWarmer;
        var gap = (Air.Conductivity / LidGap) + Air.Radiation(Iced, lid);
        return 1 / ((1 / gap) + (1 / Air.OffAWall(0.03, lid, Room)));
    }

    private static double SurfaceDiameter(Frustum shape) =>
        (shape.Bottom.Value + ((shape.Top.Value - shape.Bottom.Value) * Filled)) / 1000;

    private static double SurfaceArea(Frustum shape) => Math.PI * Math.Pow(SurfaceDiameter(shape), 2) / 4;

    private static double WallArea(Frustum shape) => shape.WallArea * Filled / 1e6;
}
