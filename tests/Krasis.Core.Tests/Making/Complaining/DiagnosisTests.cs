using CsCheck;
using Krasis.Core.Bar.Cups;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Core.Making.Complaining;
using Krasis.Core.Tests.Outside;
using static Krasis.Core.Tests.Making.Complaining.ComplaintBar;

namespace Krasis.Core.Tests.Making.Complaining;

/// <summary>Whatever is complained of, there are answers, and each can be acted on.</summary>
public class DiagnosisTests
{
    // Tried: whatever is complained of a random drink, something is answered, the likeliest first, and every edit can
    // be applied and leaves a build.
    [Fact]
    public void Every_answer_can_be_acted_on()
    {
        var (asked, edits) = (0, 0);
        Gen.Select(RandomBuilds.Any, Gen.OneOfConst("s", "m", "l"), Gen.Enum<Complaint>())
            .Seeded()
            .Sample(
                (build, size, complaint) =>
                {
                    var found = Diagnosis.Of(build, FullBar.Facts, new CupId(size), complaint, []);
                    if (!found.IsRead)
                    {
                        return;
                    }

                    asked++;
                    var causes = found.Value.Causes;
                    Assert.InRange(causes.Count, 0, Diagnosis.Most);
                    Assert.Equal(
                        causes.OrderByDescending(cause => cause.Weight).Select(cause => cause.Code),
                        causes.Select(cause => cause.Code)
                    );
                    Assert.All(causes, cause => Assert.True(cause.Says.Length > 0 && cause.Do.Length > 0));
                    foreach (var mend in causes.Select(cause => cause.Mend).OfType<Judging.Mends.Mend>())
                    {
                        edits++;
                        Assert.True(
                            BuildReader.Read(BuildEdits.Apply(build, mend, FullBar.Facts), FullBar.Facts).IsRead,
                            mend.Label
                        );
                    }
                },
                iter: 600
            );
        Assert.True(asked > 100 && edits > 30, $"{asked} asked, {edits} edits");
    }

    [Fact]
    public void A_size_that_it_has_not_is_refused() =>
        Assert.Equal(
            "size",
            Assert.Single(Diagnosis.Of(Latte, FullBar.Facts, new CupId("none"), Complaint.Sour, []).Problems).Field
        );
}
