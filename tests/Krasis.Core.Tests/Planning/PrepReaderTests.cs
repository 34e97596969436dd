using Krasis.Core.Planning.Preparing;
using static Krasis.Core.Tests.Planning.SmallHouse;

namespace Krasis.Core.Tests.Planning;

/// <summary>What cannot be a way to prepare is told by its field.</summary>
public class PrepReaderTests
{
    public static TheoryData<string, PrepDocument> Bad =>
        new()
        {
            { "lastsPercent", Prep with { LastsPercent = 49 } },
            { "days", Prep with { Days = 29 } },
            { "hours", Prep with { Hours = [Prep.Hours[0]] } },
            { "hours[0].opens", Hours(new HoursDocument { Opens = "25:00", Closes = "26:00" }) },
            { "hours[0].closes", Hours(new HoursDocument { Opens = "08:00" }) },
            { "hours[0].closes", Hours(new HoursDocument { Opens = "08:00", Closes = "08:00" }) },
            { "hours[0].workTo", Hours(new HoursDocument { WorkFrom = "08:00", WorkTo = "24:01" }) },
            { "hours[0].people", Hours(new HoursDocument { People = 0 }) },
            {
                "equipment[0].count",
                Prep with
                {
                    Equipment =
                    [
                        new EquipmentDocument
                        {
                            Id = "hob",
                            Name = "Hob",
                            Count = 0,
                        },
                    ],
                }
            },
            { "equipment[1]", Prep with { Equipment = [.. Prep.Equipment, .. Prep.Equipment] } },
            {
                "kinds[0].percent",
                Prep with
                {
                    Kinds =
                    [
                        new DayKindDocument
                        {
                            Id = "hot",
                            Name = "Hot day",
                            Percent = 0,
                        },
                    ],
                }
            },
            { "fridgeLitres", Prep with { FridgeLitres = -1 } },
            { "makings[0].batchGrams", Prep with { Makings = [new MakingDocument { Ingredient = "mix" }] } },
            { "makings[0].leastGrams", Prep with { Makings = [Prep.Makings[0] with { LeastGrams = 8001 }] } },
            { "makings[0].workOn[0]", Prep with { Makings = [Prep.Makings[0] with { WorkOn = ["blender"] }] } },
            {
                "makings[0].waitMinutes",
                Prep with
                {
                    Makings = [Prep.Makings[0] with { KeepsDays = 1, WaitMinutes = 1441 }],
                }
            },
            { "makings[1]", Prep with { Makings = [Prep.Makings[0], Prep.Makings[0]] } },
            { "buying[0].item", Prep with { Buying = [new BuyingDocument { Item = "milk" }] } },
            {
                "buying[0].leadDays",
                Prep with
                {
                    Buying = [new BuyingDocument { Item = "ingredient:milk", LeadDays = 61 }],
                }
            },
        };

    [Theory]
    [MemberData(nameof(Bad))]
    public void It_is_told(string field, PrepDocument document)
    {
        var problems = PrepReader.Read(document).Problems;
        Assert.Contains(problems, problem => problem.Field == field && problem.Accepted.Length > 0);
    }

    [Fact]
    public void What_lies_just_within_is_taken()
    {
        Assert.True(PrepReader.Read(Prep).IsRead);
        Assert.True(PrepReader.Read(new PrepDocument()).IsRead);
        Assert.True(PrepReader.Read(Prep with { LastsPercent = 50, Days = 28 }).IsRead);
        Assert.True(
            PrepReader
                .Read(
                    Prep with
                    {
                        Makings = [Prep.Makings[0] with { KeepsDays = 1, WaitMinutes = 1440, LeastGrams = 8000 }],
                    }
                )
                .IsRead
        );
        Assert.True(PrepReader.Read(Hours(new HoursDocument { WorkFrom = "00:00", WorkTo = "24:00" })).IsRead);
    }

    private static PrepDocument Hours(HoursDocument monday) => Prep with { Hours = [monday, .. Prep.Hours.Skip(1)] };
}
