/** Publications the rules name. Listed from memory without a library at hand: check volume and pages before printing them. */
export const SOURCES: Record<string, string> = {
  'ACSM-2009': 'American College of Sports Medicine. Progression models in resistance training for healthy adults. Med Sci Sports Exerc 2009.',
  'ACSM-GETP-2021':
    "American College of Sports Medicine (Liguori G, senior ed.). ACSM's Guidelines for Exercise Testing and Prescription, 11th ed. 2021.",
  'GARBER-2011':
    'Garber CE et al. Quantity and quality of exercise for developing and maintaining cardiorespiratory, musculoskeletal, and neuromotor fitness in apparently healthy adults (ACSM position stand). Med Sci Sports Exerc 2011.',
  'NELSON-2007': 'Nelson ME et al. Physical activity and public health in older adults: recommendation from ACSM and AHA. 2007.',
  'WHO-2020': 'World Health Organization. Guidelines on physical activity and sedentary behaviour. 2020.',
  'FRAGALA-2019':
    'Fragala MS et al. Resistance training for older adults: position statement from the National Strength and Conditioning Association. J Strength Cond Res 2019.',
  'IZQUIERDO-2021':
    'Izquierdo M et al. International exercise recommendations in older adults (ICFSR): expert consensus guidelines. J Nutr Health Aging 2021.',
  'RIEBE-2015': "Riebe D et al. Updating ACSM's recommendations for exercise preparticipation health screening. Med Sci Sports Exerc 2015.",
  'SHERRINGTON-2019': 'Sherrington C et al. Exercise for preventing falls in older people living in the community. Cochrane 2019.',
  'MONTERO-2022': 'Montero-Odasso M et al. World guidelines for falls prevention and management for older adults. Age Ageing 2022.',
  'DENT-2019':
    'Dent E et al. Physical frailty: ICFSR international clinical practice guidelines for identification and management. J Nutr Health Aging 2019.',
  'FIATARONE-1994':
    'Fiatarone MA et al. Exercise training and nutritional supplementation for physical frailty in very elderly people. N Engl J Med 1994.',
  'FELAND-2001':
    'Feland JB et al. The effect of duration of stretching of the hamstring muscle group for increasing range of motion in people aged 65 years or older. Phys Ther 2001.',
  'BANDY-1994': 'Bandy WD, Irion JM. The effect of time on static stretch on the flexibility of the hamstring muscles. Phys Ther 1994.',
  'BEHM-2016':
    'Behm DG et al. Acute effects of muscle stretching on physical performance, range of motion, and injury incidence in healthy active individuals: a systematic review. Appl Physiol Nutr Metab 2016.',
  'MACDOUGALL-1985': 'MacDougall JD et al. Arterial blood pressure response to heavy resistance exercise. J Appl Physiol 1985.',
  'FOX-1971': 'Fox SM, Naughton JP, Haskell WL. Physical activity and the prevention of coronary heart disease. Ann Clin Res 1971.',
  'ROBERGS-2002': 'Robergs RA, Landwehr R. The surprising history of the "HRmax = 220 - age" equation. J Exerc Physiol Online 2002.',
  'TANAKA-2001': 'Tanaka H, Monahan KD, Seals DR. Age-predicted maximal heart rate revisited. J Am Coll Cardiol 2001.',
  'GELLISH-2007': 'Gellish RL et al. Longitudinal modeling of the relationship between age and maximal heart rate. Med Sci Sports Exerc 2007.',
  'GULATI-2010':
    'Gulati M et al. Heart rate response to exercise stress testing in asymptomatic women (St. James Women Take Heart Project). Circulation 2010.',
  'GULATI-2005': 'Gulati M et al. The prognostic value of a nomogram for exercise capacity in women. N Engl J Med 2005.',
  'MORRIS-1993':
    'Morris CK et al. Nomogram based on metabolic equivalents and age for assessing aerobic exercise capacity in men. J Am Coll Cardiol 1993.',
  'BRAWNER-2004':
    'Brawner CA et al. Predicting maximum heart rate among patients with coronary heart disease receiving beta-adrenergic blockade therapy. Am Heart J 2004.',
  'KETEYIAN-2012': 'Keteyian SJ et al. Predicting maximal heart rate in heart failure patients on beta-blockade therapy. Med Sci Sports Exerc 2012.',
  'KARVONEN-1957': 'Karvonen MJ, Kentala E, Mustala O. The effects of training on heart rate; a longitudinal study. Ann Med Exp Biol Fenn 1957.',
  'SWAIN-1997': 'Swain DP, Leutholtz BC. Heart rate reserve is equivalent to %VO2 reserve, not to %VO2max. Med Sci Sports Exerc 1997.',
  'BORG-1982': 'Borg GA. Psychophysical bases of perceived exertion. Med Sci Sports Exerc 1982.',
  'FOSTER-2001': 'Foster C et al. A new approach to monitoring exercise training. J Strength Cond Res 2001.',
  'PERSINGER-2004': 'Persinger R et al. Consistency of the talk test for exercise prescription. Med Sci Sports Exerc 2004.',
  'AINSWORTH-2011': 'Ainsworth BE et al. 2011 Compendium of Physical Activities: a second update of codes and MET values. Med Sci Sports Exerc 2011.',
  'WILLIS-2024': 'Willis EA et al. Older Adult Compendium of Physical Activities. J Sport Health Sci 2024.',
  'COLE-1999': 'Cole CR et al. Heart-rate recovery immediately after exercise as a predictor of mortality. N Engl J Med 1999.',
  'IMAI-1994':
    'Imai K et al. Vagally mediated heart rate recovery after exercise is accelerated in athletes but blunted in patients with chronic heart failure. J Am Coll Cardiol 1994.',
  'BROOKE-WAVELL-2022':
    'Brooke-Wavell K et al. Strong, steady and straight: UK consensus statement on physical activity and exercise for osteoporosis. Br J Sports Med 2022.',
  'GIANGREGORIO-2014':
    'Giangregorio LM et al. Too Fit To Fracture: exercise recommendations for individuals with osteoporosis or osteoporotic vertebral fracture. Osteoporos Int 2014.',
  'BECK-2017':
    'Beck BR et al. Exercise and Sports Science Australia (ESSA) position statement on exercise prescription for the prevention and management of osteoporosis. J Sci Med Sport 2017.',
  'MORIN-2023':
    'Morin SN et al. Clinical practice guideline for management of osteoporosis and fracture prevention in Canada: 2023 update. CMAJ 2023.',
  'SINAKI-1984': 'Sinaki M, Mikkelsen BA. Postmenopausal spinal osteoporosis: flexion versus extension exercises. Arch Phys Med Rehabil 1984.',
  'WATSON-2018':
    'Watson SL et al. High-intensity resistance and impact training improves bone mineral density and physical function in postmenopausal women with osteopenia and osteoporosis (LIFTMOR). J Bone Miner Res 2018.',
  'KATZMAN-2017':
    'Katzman WB et al. Targeted spine strengthening exercise and posture training program to reduce hyperkyphosis in older adults (SHEAF). Osteoporos Int 2017.',
  'NICE-NG59': 'NICE. Low back pain and sciatica in over 16s. 2016.',
  'NICE-NG193': 'NICE. Chronic pain (primary and secondary) in over 16s. 2021.',
  'QASEEM-2017':
    'Qaseem A et al. Noninvasive treatments for acute, subacute, and chronic low back pain (American College of Physicians). Ann Intern Med 2017.',
  'WHO-LBP-2023': 'World Health Organization. Guideline for non-surgical management of chronic primary low back pain in adults. 2023.',
  'HAYDEN-2021': 'Hayden JA et al. Exercise therapy for chronic low back pain. Cochrane 2021.',
  'LONG-2004': 'Long A, Donelson R, Fung T. Does it matter which exercise? Spine 2004.',
  'KATZ-2022': 'Katz JN et al. Diagnosis and management of lumbar spinal stenosis: a review. JAMA 2022.',
  'BLANPIED-2017': 'Blanpied PR et al. Neck pain: revision 2017. J Orthop Sports Phys Ther 2017.',
  'GROSS-2015': 'Gross A et al. Exercises for mechanical neck disorders. Cochrane 2015.',
  'MACFARLANE-2017': 'Macfarlane GJ et al. EULAR revised recommendations for the management of fibromyalgia. Ann Rheum Dis 2017.',
  'BIDONDE-2017': 'Bidonde J et al. Aerobic exercise training for adults with fibromyalgia. Cochrane 2017.',
  'BUSCH-2013': 'Busch AJ et al. Resistance exercise training for fibromyalgia. Cochrane 2013.',
  'GENEEN-2017': 'Geneen LJ et al. Physical activity and exercise for chronic pain in adults: an overview of Cochrane Reviews. 2017.',
  'SMITH-B-2017': 'Smith BE et al. Should exercises be painful in the management of chronic musculoskeletal pain? Br J Sports Med 2017.',
  'THOMEE-1997': 'Thomee R. A comprehensive treatment approach for patellofemoral pain syndrome in young women. Phys Ther 1997.',
  'SILBERNAGEL-2007':
    'Silbernagel KG et al. Continued sports activity, using a pain-monitoring model, during rehabilitation in patients with Achilles tendinopathy. Am J Sports Med 2007.',
  'NICE-NG206': 'NICE. Myalgic encephalomyelitis (or encephalopathy)/chronic fatigue syndrome: diagnosis and management. 2021.',
  'PAGE-2016': 'Page MJ et al. Manual therapy and exercise for rotator cuff disease. Cochrane 2016.',
  'HOPEWELL-2021': 'Hopewell S et al. GRASP trial. Lancet 2021.',
  'KELLEY-2013': 'Kelley MJ et al. Shoulder pain and mobility deficits: adhesive capsulitis. J Orthop Sports Phys Ther 2013.',
  'KENNEDY-2020':
    "Kennedy JS et al. American Society of Shoulder and Elbow Therapists' consensus statement on rehabilitation for anatomic total shoulder arthroplasty. J Shoulder Elbow Surg 2020.",
  'BOUDREAU-2007': 'Boudreau S et al. Rehabilitation following reverse total shoulder arthroplasty. J Orthop Sports Phys Ther 2007.',
  'BULLOCK-2019':
    'Bullock GS et al. A systematic review of proposed rehabilitation guidelines following anatomic and reverse shoulder arthroplasty. J Orthop Sports Phys Ther 2019.',
  'ERICKSON-2019': 'Erickson M et al. Hand pain and sensory deficits: carpal tunnel syndrome. J Orthop Sports Phys Ther 2019.',
  'KLOPPENBURG-2019': 'Kloppenburg M et al. 2018 update of the EULAR recommendations for the management of hand osteoarthritis. Ann Rheum Dis 2019.',
  'NICE-NG226': 'NICE. Osteoarthritis in over 16s. 2022.',
  'KOLASINSKI-2020':
    'Kolasinski SL et al. 2019 ACR/Arthritis Foundation guideline for osteoarthritis of the hand, hip, and knee. Arthritis Care Res 2020.',
  'FRANSEN-HIP-2014': 'Fransen M et al. Exercise for osteoarthritis of the hip. Cochrane 2014.',
  'FRANSEN-KNEE-2015': 'Fransen M et al. Exercise for osteoarthritis of the knee. Cochrane 2015.',
  'SMITH-2016':
    'Smith TO et al. Assistive devices, hip precautions, environmental modifications and training to prevent dislocation and improve function after hip arthroplasty. Cochrane 2016.',
  'BARNSLEY-2015':
    'Barnsley L, Barnsley L, Page R. Are hip precautions necessary post total hip arthroplasty? A systematic review. Geriatr Orthop Surg Rehabil 2015.',
  'PEAK-2005':
    'Peak EL et al. The role of patient restrictions in reducing the prevalence of early dislocation following total hip arthroplasty. J Bone Joint Surg Am 2005.',
  'NICE-NG157': 'NICE. Joint replacement (primary): hip, knee and shoulder. 2020.',
  'JETTE-2020': 'Jette DU et al. Physical therapist management of total knee arthroplasty. Phys Ther 2020.',
  'MARTIN-2021':
    'Martin RL et al. Ankle stability and movement coordination impairments: lateral ankle ligament sprains, revision 2021. J Orthop Sports Phys Ther 2021.',
  'RAUSCH-2018':
    'Rausch Osthoff AK et al. 2018 EULAR recommendations for physical activity in people with inflammatory arthritis and osteoarthritis. Ann Rheum Dis 2018.',
  'ENGLAND-2023':
    'England BR et al. 2022 ACR guideline for exercise, rehabilitation, diet, and additional integrative interventions for rheumatoid arthritis. 2023.',
  'ENGELBERT-2017':
    'Engelbert RH et al. The evidence-based rationale for physical therapy treatment of ... joint hypermobility syndrome/hypermobile Ehlers Danlos syndrome. Am J Med Genet C 2017.',
  'PALMER-2014':
    'Palmer S et al. The effectiveness of therapeutic exercise for joint hypermobility syndrome: a systematic review. Physiotherapy 2014.',
  'MCDONOUGH-2021':
    'McDonough CM et al. Physical therapy management of older adults with hip fracture: clinical practice guidelines. J Orthop Sports Phys Ther 2021.',
  'MELLOR-2018':
    'Mellor R et al. Education plus exercise versus corticosteroid injection use versus a wait and see approach on global outcome and pain from gluteal tendinopathy (LEAP). BMJ 2018.',
  'WARD-2019':
    'Ward MM et al. 2019 update of the ACR/SAA/SPARTAN recommendations for the treatment of ankylosing spondylitis and nonradiographic axial spondyloarthritis. Arthritis Rheumatol 2019.',
  'ACOG-2020': 'ACOG Committee Opinion 804. Physical activity and exercise during pregnancy and the postpartum period. Obstet Gynecol 2020.',
  'ACOG-1985': 'ACOG. Exercise during pregnancy and the postnatal period (home exercise programs). 1985.',
  'CAN-PREG-2019': 'Mottola MF et al. 2019 Canadian guideline for physical activity throughout pregnancy. Br J Sports Med 2018.',
  'SOGC-CSEP-2003': 'Davies GAL et al. Joint SOGC/CSEP clinical practice guideline: exercise in pregnancy and the postpartum period. 2003.',
  'DAVENPORT-2008':
    'Davenport MH et al. Development and validation of exercise target heart rate zones for overweight and obese pregnant women. Appl Physiol Nutr Metab 2008.',
  'MOTTOLA-SUPINE-2019':
    'Mottola MF et al. Is supine exercise associated with adverse maternal and fetal outcomes? A systematic review. Br J Sports Med 2019.',
  'MEAH-2020': "Meah VL, Davies GA, Davenport MH. Why can't I exercise during pregnancy? Br J Sports Med 2020.",
  'VLEEMING-2008': 'Vleeming A et al. European guidelines for the diagnosis and treatment of pelvic girdle pain. Eur Spine J 2008.',
  'WOODLEY-2020':
    'Woodley SJ et al. Pelvic floor muscle training for preventing and treating urinary and faecal incontinence in antenatal and postnatal women. Cochrane 2020.',
  'DUMOULIN-2018': 'Dumoulin C et al. Pelvic floor muscle training versus no treatment for urinary incontinence in women. Cochrane 2018.',
  'HAGEN-2014': 'Hagen S et al. Individualised pelvic floor muscle training in women with pelvic organ prolapse (POPPY). Lancet 2014.',
  'NICE-NG123': 'NICE. Urinary incontinence and pelvic organ prolapse in women. 2019.',
  'NICE-NG210': 'NICE. Pelvic floor dysfunction: prevention and non-surgical management. 2021.',
  'DUFOUR-2019':
    'Dufour S et al. Establishing expert-based recommendations for the conservative management of pregnancy-related diastasis rectus abdominis: a Delphi consensus study. J Womens Health Phys Therap 2019.',
  'GLUPPE-2023':
    'Gluppe SB et al. Curl-up exercises improve abdominal muscle strength without worsening inter-recti distance in women with diastasis recti abdominis postpartum: randomised trial. J Physiother 2023.',
  'GOOM-2019': 'Goom T, Donnelly G, Brockwell E. Returning to running postnatal - guidelines for medical, health and fitness professionals. 2019.',
  'PESCATELLO-2004': 'Pescatello LS et al. Exercise and hypertension (ACSM position stand). Med Sci Sports Exerc 2004.',
  'WHELTON-2018': 'Whelton PK et al. 2017 ACC/AHA hypertension guideline. 2018.',
  'EDWARDS-2023': 'Edwards JJ et al. Exercise training and resting blood pressure: pairwise and network meta-analysis. Br J Sports Med 2023.',
  'PELLICCIA-2021':
    'Pelliccia A et al. 2020 ESC Guidelines on sports cardiology and exercise in patients with cardiovascular disease. Eur Heart J 2021.',
  'AACVPR-2021': 'AACVPR. Guidelines for Cardiac Rehabilitation Programs, 6th ed. 2021.',
  'ACPICR-2015':
    'Association of Chartered Physiotherapists in Cardiac Rehabilitation. Standards for physical activity and exercise in the cardiovascular population, 3rd ed. 2015.',
  'WILLIAMS-2007': 'Williams MA et al. Resistance exercise in individuals with and without cardiovascular disease: 2007 update. Circulation 2007.',
  'ADAMS-2016': 'Adams J et al. An alternative approach to prescribing sternal precautions after median sternotomy. Proc (Bayl Univ Med Cent) 2016.',
  'DIBBEN-2021': 'Dibben G et al. Exercise-based cardiac rehabilitation for coronary heart disease. Cochrane 2021.',
  'OCONNOR-2009': "O'Connor CM et al. HF-ACTION. JAMA 2009.",
  'FREEMAN-2011':
    'Freeman R et al. Consensus statement on the definition of orthostatic hypotension, neurally mediated syncope and the postural tachycardia syndrome. 2011.',
  'LANE-2017': 'Lane R et al. Exercise for intermittent claudication. Cochrane 2017.',
  'SPRUIT-2013':
    'Spruit MA et al. Official ATS/ERS statement: key concepts and advances in pulmonary rehabilitation. Am J Respir Crit Care Med 2013.',
  'BOLTON-2013': 'Bolton CE et al. BTS guideline on pulmonary rehabilitation in adults. Thorax 2013.',
  'PARSONS-2013': 'Parsons JP et al. Official ATS clinical practice guideline: exercise-induced bronchoconstriction. 2013.',
  'COLBERG-2016':
    'Colberg SR et al. Physical activity/exercise and diabetes: position statement of the American Diabetes Association. Diabetes Care 2016.',
  'RIDDELL-2017': 'Riddell MC et al. Exercise management in type 1 diabetes: a consensus statement. Lancet Diabetes Endocrinol 2017.',
  'MUELLER-2013':
    'Mueller MJ et al. Weight-bearing versus nonweight-bearing exercise for persons with diabetes and peripheral neuropathy. Arch Phys Med Rehabil 2013.',
  'IWGDF-2023': 'International Working Group on the Diabetic Foot. Guidelines, prevention chapter. 2023.',
  'OPPERT-2021': 'Oppert JM et al. Exercise training in the management of overweight and obesity in adults (EASO). Obes Rev 2021.',
  'BASKARAN-2006': 'Baskaran M et al. Intraocular pressure changes and ocular biometry during Sirsasana (headstand posture). Ophthalmology 2006.',
  'JASIEN-2015': 'Jasien JV et al. Intraocular pressure rise in subjects with and without glaucoma during four common yoga positions. PLoS One 2015.',
  'BHATTACHARYYA-2017':
    'Bhattacharyya N et al. Clinical practice guideline: benign paroxysmal positional vertigo (update). Otolaryngol Head Neck Surg 2017.',
  'HALL-2022': 'Hall CD et al. Vestibular rehabilitation for peripheral vestibular hypofunction: updated guideline. J Neurol Phys Ther 2022.',
  'OSBORNE-2022': 'Osborne JA et al. Physical therapist management of Parkinson disease. Phys Ther 2022.',
  'KEUS-2014': "Keus S et al. European Physiotherapy Guideline for Parkinson's Disease. 2014.",
  'KALB-2020':
    'Kalb R et al. Exercise and lifestyle physical activity recommendations for people with multiple sclerosis throughout the disease course. Mult Scler 2020.',
  'LATIMER-2013':
    'Latimer-Cheung AE et al. Development of evidence-informed physical activity guidelines for adults with multiple sclerosis. Arch Phys Med Rehabil 2013.',
  'WHITE-2004': 'White LJ, Dressendorfer RH. Exercise and multiple sclerosis. Sports Med 2004.',
  'BILLINGER-2014': 'Billinger SA et al. Physical activity and exercise recommendations for stroke survivors. Stroke 2014.',
  'WINSTEIN-2016': 'Winstein CJ et al. Guidelines for adult stroke rehabilitation and recovery. Stroke 2016.',
  'SAUNDERS-2020': 'Saunders DH et al. Physical fitness training for stroke patients. Cochrane 2020.',
  'MARTINGINIS-2018': 'Martin Ginis KA et al. Evidence-based scientific exercise guidelines for adults with spinal cord injury. Spinal Cord 2018.',
  'PETERSEN-2018': 'Petersen RC et al. Practice guideline update summary: mild cognitive impairment. Neurology 2018.',
  'FORBES-2015': 'Forbes D et al. Exercise programs for people with dementia. Cochrane 2015.',
  'CAMPBELL-2019':
    'Campbell KL et al. Exercise guidelines for cancer survivors: consensus statement from International Multidisciplinary Roundtable. Med Sci Sports Exerc 2019.',
  'LIGIBEL-2022': 'Ligibel JA et al. Exercise, diet, and weight management during cancer treatment: ASCO guideline. J Clin Oncol 2022.',
  'CAMPBELL-2022': 'Campbell KL et al. Exercise recommendation for people with bone metastases. JCO Oncol Pract 2022.',
  'SCHMITZ-2009': 'Schmitz KH et al. Weight lifting in women with breast-cancer-related lymphedema. N Engl J Med 2009.',
}
